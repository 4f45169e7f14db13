<?php

declare(strict_types=1);

namespace Lupine\Core\Form;

/** What of a mark is in proportion to its figure. */
enum Measure: string
{
    /** the angle about the chart's pivot, in degrees */
    case Angle = 'angle';

    /** the length on the middle circle of a ring, in pixels */
    case Arc = 'arc';

    /** the length along a path, in pixels */
    case Path = 'path';

    /** the width, in pixels */
    case Width = 'width';

    /** the height, in pixels */
    case Height = 'height';

    /** the height of its right end above the foot of the chart, in pixels */
    case Level = 'level';

    /** the height of its right edge, in pixels */
    case Edge = 'edge';

    /** the visible area, in square pixels */
    case Area = 'area';

    /**
     * How much of a figure there can be, where a move was asked to pass it: twice as much, or as much as the whole of a
     * ring; what is measured along a way of its own ends with the way.
     *
     * @param float $fraction what the figure is of the whole, or of the scale
     *
     * @return float 1 where there is no room beyond it, at most 2
     */
    public function room(float $fraction): float
    {
        return match ($this) {
            self::Path, self::Level, self::Edge => 1.0,
            self::Angle, self::Arc, self::Area => max(1.0, 1.0 / max(0.5, abs($fraction))),
            default => 2.0,
        };
    }
}
