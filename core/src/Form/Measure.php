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
}
