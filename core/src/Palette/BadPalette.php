<?php

declare(strict_types=1);

namespace Lupine\Core\Palette;

use Lupine\Core\LupineException;

/** Colours that cannot be read: why, and how to mend it. */
final class BadPalette extends LupineException
{
}
