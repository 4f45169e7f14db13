<?php

declare(strict_types=1);

namespace Lupine\Core\Formats;

use Lupine\Core\LupineException;

/** A drawing that cannot be the tile of a pattern; it says why and what helps. */
final class BadTile extends LupineException
{
}
