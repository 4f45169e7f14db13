<?php

declare(strict_types=1);

namespace Lupine\Core\Finish;

use Lupine\Core\Geometry\Decimal;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Piece\Coat\PatternCoat;
use Lupine\Core\Texture\Noise;

/** Strokes side by side as a hand draws them: each wanders a little, and none is quite like the next. */
final readonly class Hatching
{
    private const SEED = 4;

    /** a stroke’s points are as many sizes apart, and its thickness as much of one where the weight is usual */
    private const STEP = 1.2;
    private const THICK = 0.28;

    /** how far a stroke leans, stands off and wanders, as parts of a size; taste, no source */
    private const LEAN = 0.012;
    private const OFF = 0.22;
    private const WANDER = 0.1;

    /**
     * @param Point $middle of what is to be covered
     * @param float $reach how far it reaches from there, in pixels
     *
     * @return string path data, absolute M and L
     */
    public static function of(PatternCoat $pattern, Point $middle, float $reach): string
    {
        $size = $pattern->size;
        [$cos, $sin] = [cos(deg2rad($pattern->degrees)), sin(deg2rad($pattern->degrees))];
        $count = (int) ceil($reach / $size) + 1;
        $steps = (int) ceil((2 * $reach) / (self::STEP * $size));
        $path = '';
        for ($stroke = -$count; $stroke <= $count; ++$stroke) {
            $lean = self::chance($stroke, 1, 0) * self::LEAN;
            $off = ($stroke + self::chance($stroke, 0, 0) * self::OFF) * $size;
            for ($step = 0; $step <= $steps; ++$step) {
                $along = -$reach + (2 * $reach * $step) / $steps;
                $across = $off + $along * $lean + self::chance($stroke, $step, 3) * self::WANDER * $size;
                $path .= ($step === 0 ? 'M' : 'L')
                    .Decimal::of($middle->x + $across * $cos - $along * $sin, 2).' '
                    .Decimal::of($middle->y + $across * $sin + $along * $cos, 2);
            }
        }

        return $path;
    }

    /** Pixels. */
    public static function thickness(PatternCoat $pattern): float
    {
        return $pattern->size * self::THICK * 2 * $pattern->weight;
    }

    /** −1 to 1 */
    private static function chance(int $stroke, int $step, int $of): float
    {
        return (Noise::hash($stroke + 1000, $step, self::SEED + $of) & 65535) / 32767.5 - 1;
    }
}
