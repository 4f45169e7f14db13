<?php

declare(strict_types=1);

namespace Lupine\Core\Form;

/** A layout whose marks are drawn on, one after the other, as with a pen. */
interface DrawnOn
{
    /** How long the way is that the pen goes for a figure, in pixels; 0 where there is a gap. */
    public function way(string $figureId): float;
}
