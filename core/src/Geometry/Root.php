<?php

declare(strict_types=1);

namespace Lupine\Core\Geometry;

/** Where a function that grows goes through zero. */
final readonly class Root
{
    private const STEPS = 12;
    private const ROUNDS = 200;

    /**
     * By the secant method from a guess. Where that does not come there, as beside a bend, by false position with the
     * Illinois rule: the end that stays is given half its height (Dowell and Jarratt, “A modified regula falsi method
     * for computing the root of an equation”, BIT 11, 1971), and every fourth round halves what is left.
     *
     * @param float $low where it is below zero
     * @param float $high where it is not
     * @param float $guess between them
     * @param float $slope there, about
     * @param float $near what is near enough to zero
     * @param \Closure(float): float $of
     */
    public static function between(
        float $low,
        float $high,
        float $guess,
        float $slope,
        float $near,
        \Closure $of,
    ): float {
        [$at, $here] = [$guess, $of($guess)];
        for ($step = 0; $step < self::STEPS && abs($here) > $near && $slope > 0; ++$step) {
            $next = max($low, min($high, $at - $here / $slope));
            $there = $of($next);
            $slope = $next === $at ? 0.0 : ($there - $here) / ($next - $at);
            [$at, $here] = [$next, $there];
        }

        return abs($here) > $near ? self::within($low, $high, $near, $of) : $at;
    }

    /** @param \Closure(float): float $of */
    private static function within(float $low, float $high, float $near, \Closure $of): float
    {
        [$below, $above] = [$of($low), $of($high)];
        $at = $high;
        $side = 0;
        $width = INF;
        for ($round = 0; $round < self::ROUNDS && $high - $low > 1e-14 * max(1.0, abs($high)); ++$round) {
            $isSlow = $round % 4 === 3 && $high - $low > $width / 2;
            $width = $round % 4 === 3 ? $high - $low : $width;
            $at = $above - $below > 0 && !$isSlow
                ? $low - $below * ($high - $low) / ($above - $below)
                : ($low + $high) / 2;
            $here = $of($at);
            if (abs($here) <= $near) {
                break;
            }
            if ($here < 0) {
                [$low, $below] = [$at, $here];
                $above = $side === -1 ? $above / 2 : $above;
                $side = -1;
            } else {
                [$high, $above] = [$at, $here];
                $below = $side === 1 ? $below / 2 : $below;
                $side = 1;
            }
        }

        return $at;
    }
}
