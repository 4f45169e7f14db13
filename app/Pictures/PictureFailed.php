<?php

declare(strict_types=1);

namespace App\Pictures;

use Lupine\Core\LupineException;

/** A picture could not be read or kept; the message says what to do. */
final class PictureFailed extends LupineException
{
}
