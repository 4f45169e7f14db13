<?php

declare(strict_types=1);

namespace Lupine\Core\Desk;

use Lupine\Core\Story\ChartTiming;

/** The lane of one figure beside the script, as a line with as many corners as its curve needs. */
final readonly class StemLine
{
    /** how far the line may stand off the curve, as a fraction of the widest stem: less than a tenth of a pixel */
    private const TOLERANCE = 0.004;

    /**
     * @param float $widest what the widest stem of the chart stands for
     * @param int $frames of the whole piece
     *
     * @return list<array{int, float}> frame and width; straight between neighbours, as wide as its first before, and as
     *                                 its last after
     */
    public static function of(ChartTiming $timing, string $figureId, float $widest, int $frames): array
    {
        $keys = [0, ...$timing->keysOf($figureId)];
        $keys = array_values(array_unique(array_filter($keys, static fn (int $key): bool => $key < $frames)));
        sort($keys);
        $keys[] = max($frames - 1, ...$keys);
        $known = [];
        $at = static function (int $frame) use ($timing, $figureId, $widest, &$known): float {
            return $known[$frame] ??= round($timing->amounts->widthAt($figureId, $frame) / $widest, 4);
        };
        $points = [[0, $at(0)]];
        for ($index = 1; $index < count($keys); ++$index) {
            [$from, $to] = [$keys[$index - 1], $keys[$index]];
            if ($to > $from && $at($from) === $at($to) && $timing->story->isSettledAt(intdiv($from + $to, 2))) {
                // Between two of its keys nothing of it moves but what others do.
                $points[] = [$to, $at($to)];
            } elseif ($to > $from) {
                self::between($points, $at, [$from, $at($from)], [$to, $at($to)]);
            }
        }

        return self::withoutRepeats($points);
    }

    /**
     * Adds the corners between two points, and the second of them.
     *
     * @param list<array{int, float}> $points
     * @param \Closure(int): float $at
     * @param array{int, float} $from
     * @param array{int, float} $to
     */
    private static function between(array &$points, \Closure $at, array $from, array $to): void
    {
        $length = $to[0] - $from[0];
        foreach ([0.5, 0.25, 0.75] as $part) {
            $frame = $from[0] + (int) round($length * $part);
            if ($frame <= $from[0] || $frame >= $to[0]) {
                continue;
            }
            $straight = $from[1] + (($to[1] - $from[1]) * ($frame - $from[0])) / $length;
            if (abs($at($frame) - $straight) > self::TOLERANCE) {
                $middle = $from[0] + intdiv($length, 2);
                self::between($points, $at, $from, [$middle, $at($middle)]);
                self::between($points, $at, [$middle, $at($middle)], $to);

                return;
            }
        }
        $points[] = $to;
    }

    /**
     * @param list<array{int, float}> $points
     *
     * @return list<array{int, float}> without points that lie between two of the same width
     */
    private static function withoutRepeats(array $points): array
    {
        $kept = [];
        foreach ($points as $index => $point) {
            $before = $points[$index - 1][1] ?? null;
            $after = $points[$index + 1][1] ?? $point[1];
            if ($index === 0 || $before !== $point[1] || $after !== $point[1]) {
                $kept[] = $point;
            }
        }

        return $kept;
    }
}
