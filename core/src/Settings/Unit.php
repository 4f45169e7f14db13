<?php

declare(strict_types=1);

namespace Lupine\Core\Settings;

/**
 * What a number counts. Lengths are pixels of the stage. Times of a piece are whole frames; at the desk they can be
 * typed as seconds and timecode too. Times of a recording, which knows no frames, are milliseconds.
 */
enum Unit: string
{
    case Pixels = 'pixels';
    case Degrees = 'degrees';
    case Frames = 'frames';
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
