<?php

declare(strict_types=1);

namespace Lupine\Core\Words;

use Lupine\Core\LupineException;

/** A font that is not there, or a font pack that cannot be read. */
final class BadFont extends LupineException
{
}
