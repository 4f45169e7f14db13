<?php

declare(strict_types=1);

namespace Lupine\Core\Form;

/** Where words beside marks go where they would stand in each other's way. */
enum Spread
{
    /** they stay at their marks, or at the ends of those, and can only become smaller */
    case Stay;

    /** to both sides of the chart, one below the other, in the order of their marks */
    case Sides;

    /** above the chart and below it, side by side, in the order of their marks */
    case Rows;
}
