<?php

declare(strict_types=1);

namespace Lupine\Core\Figures;

use Lupine\Core\LupineException;

/** A table that the chosen form cannot show: no number in it, nothing but zeros, a negative part of a whole. */
final class ImpossibleFigures extends LupineException
{
}
