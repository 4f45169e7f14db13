<?php

declare(strict_types=1);

namespace Lupine\Core\Geometry;

use Lupine\Core\LupineException;

/** Path data that cannot be read. */
final class BadOutline extends LupineException
{
}
