<?php

declare(strict_types=1);

namespace Lupine\Core\Form;

use Lupine\Core\Figures\Presence;

/** For layouts whose marks grow with their figures: half of a mark is half of its figure. */
trait CountsFromZero
{
    public function tip(string $figureId, Presence $there): ?float
    {
        return null;
    }
}
