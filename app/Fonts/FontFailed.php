<?php

declare(strict_types=1);

namespace App\Fonts;

use Lupine\Core\LupineException;

/** A font could not be read or kept; the message says what to do. */
final class FontFailed extends LupineException
{
}
