<?php

declare(strict_types=1);

namespace Lupine\Core\Finish;

use Lupine\Core\Geometry\Box;
use Lupine\Core\Geometry\Decimal;
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

    /** strokes, and points of a stroke, that come at once */
    private const BLOCK = 8;

    /**
     * How many strokes cover a box, and how far they go: more by blocks, so that a part that grows mostly keeps those
     * that it has.
     *
     * @param Box $box in pixels from the point that they are counted from
     *
     * @return array{int, int, int, int} the first and the last stroke, the first and the last point of each
     */
    public static function room(PatternCoat $pattern, Box $box): array
    {
        [$cos, $sin] = self::heading($pattern);
        $across = $along = [];
        foreach ([[$box->left, $box->top], [$box->left, $box->bottom()], [$box->right(), $box->top],
            [$box->right(), $box->bottom()]] as [$x, $y]) {
            $across[] = ($x * $cos + $y * $sin) / $pattern->size;
            $along[] = ($y * $cos - $x * $sin) / $pattern->size / self::STEP;
        }
        // A stroke leans, stands off and wanders by less than a size and a tenth of its length.
        $aside = 1 + self::LEAN * self::STEP * max(array_map(abs(...), $along));

        return [
            self::block(min($across) - $aside, floor(...)),
            self::block(max($across) + $aside, ceil(...)),
            self::block(min($along) - 1, floor(...)),
            self::block(max($along) + 1, ceil(...)),
        ];
    }

    /**
     * The strokes in a room, in pixels from the point that they are counted from.
     *
     * @param array{int, int, int, int} $room
     *
     * @return string path data, absolute M and L
     */
    public static function of(PatternCoat $pattern, array $room): string
    {
        $size = $pattern->size;
        [$cos, $sin] = self::heading($pattern);
        [$first, $last, $begin, $end] = $room;
        $path = '';
        for ($stroke = $first; $stroke <= $last; ++$stroke) {
            $lean = self::chance($stroke, 1, 0) * self::LEAN;
            $off = ($stroke + self::chance($stroke, 0, 0) * self::OFF) * $size;
            for ($step = $begin; $step <= $end; ++$step) {
                $along = $step * self::STEP * $size;
                $across = $off + $along * $lean + self::chance($stroke, $step + 1000, 3) * self::WANDER * $size;
                $path .= ($step === $begin ? 'M' : 'L')
                    .Decimal::of($across * $cos - $along * $sin, 2).' '
                    .Decimal::of($across * $sin + $along * $cos, 2);
            }
        }

        return $path;
    }

    /** @return array{float, float} cosine and sine of how far strokes are turned */
    private static function heading(PatternCoat $pattern): array
    {
        return [cos(deg2rad($pattern->degrees)), sin(deg2rad($pattern->degrees))];
    }

    /** @param \Closure(float): float $whole floor or ceil */
    private static function block(float $place, \Closure $whole): int
    {
        return (int) $whole($place / self::BLOCK) * self::BLOCK;
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
