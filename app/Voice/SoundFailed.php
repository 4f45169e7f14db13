<?php

declare(strict_types=1);

namespace App\Voice;

use Lupine\Core\LupineException;

/** A sound could not be read or made; the message says what to do. */
final class SoundFailed extends LupineException
{
}
