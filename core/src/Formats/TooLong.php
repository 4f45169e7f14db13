<?php

declare(strict_types=1);

namespace Lupine\Core\Formats;

use Lupine\Core\LupineException;

/** A film that a format cannot hold; it says why and what helps. */
final class TooLong extends LupineException
{
}
