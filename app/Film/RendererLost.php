<?php

declare(strict_types=1);

namespace App\Film;

use Lupine\Core\LupineException;

/** The renderer, or ffmpeg behind it, ended in the middle of its work. It may well succeed another time. */
final class RendererLost extends LupineException
{
}
