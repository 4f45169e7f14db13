<?php

declare(strict_types=1);

namespace Lupine\Core\Geometry;

/** Angles in degrees clockwise from 12 o'clock. */
final readonly class Degrees
{
    /** The same direction from 0 up to, but not including, 360: −162 is 198. */
    public static function normalised(float $degrees): float
    {
        $turn = fmod($degrees, 360.0);
        $turn = $turn < 0 ? $turn + 360.0 : $turn;

        return $turn >= 360.0 ? 0.0 : $turn;
    }

    /** One percent of the circle is 3.6° (arithmetic). */
    public static function ofShare(float $share): float
    {
        return $share * 360.0;
    }
}
