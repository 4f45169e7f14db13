<?php

declare(strict_types=1);

namespace Lupine\Core\Settings;

/** What a number counts. Lengths are pixels of the stage, times whole frames. */
enum Unit: string
{
    case Pixels = 'pixels';
    case Degrees = 'degrees';
    case Frames = 'frames';
    case Seconds = 'seconds';
    /** of a recording */
    case Milliseconds = 'milliseconds';
    /** a part of something, 1 is all of it */
    case Fraction = 'fraction';
    case PixelsASecond = 'pixels a second';
    /** a multiple of something */
    case Times = 'times';
    /** things of a kind */
    case Count = 'count';
    /** what the figures count */
    case Value = 'value';
}
