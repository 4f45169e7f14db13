<?php

declare(strict_types=1);

namespace App\Film;

use Lupine\Core\LupineException;

/** The renderer could not make the film or the still; the message is its reason. */
final class FilmFailed extends LupineException
{
}
