<?php

declare(strict_types=1);

namespace Lupine\Core\Figures;

use Lupine\Core\LupineException;

/** A text that was to be a number and is not one. */
final class NotANumber extends LupineException
{
}
