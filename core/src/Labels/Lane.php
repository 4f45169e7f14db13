<?php

declare(strict_types=1);

namespace Lupine\Core\Labels;

/**
 * Labels in one line, each as near as possible to where it wants to be, none over another.
 *
 * The least sum of squared shifts under those distances is found by pooling neighbours that would meet: isotonic
 * regression by the pool adjacent violators algorithm. Source: Barlow, Bartholomew, Bremner, Brunk, Statistical
 * Inference under Order Restrictions, 1972; that bounds are kept by cutting its solution: ibid.
 */
final readonly class Lane
{
    /**
     * @param list<float> $wanted middles, rising
     * @param list<float> $sizes along the lane
     * @param float $gap between two of them
     * @param float $from and to: the bounds of the lane
     *
     * @return list<float>|null middles in the same order; null where the lane is too short
     */
    public static function place(array $wanted, array $sizes, float $gap, float $from, float $to): ?array
    {
        $count = count($wanted);
        if ($count === 0) {
            return [];
        }
        // How far each stands after the first where all of them are close.
        $offsets = [0.0];
        for ($index = 1; $index < $count; ++$index) {
            $offsets[] = $offsets[$index - 1] + ($sizes[$index - 1] + $sizes[$index]) / 2 + $gap;
        }
        $least = $from + $sizes[0] / 2;
        $most = $to - $sizes[$count - 1] / 2 - $offsets[$count - 1];
        if ($most < $least - 1e-9) {
            return null;
        }
        /** @var list<array{float, int}> $pools sum and count of those that stand close */
        $pools = [];
        foreach ($wanted as $index => $at) {
            $pools[] = [$at - $offsets[$index], 1];
            while (count($pools) > 1) {
                [$sum, $many] = $pools[count($pools) - 1];
                [$before, $few] = $pools[count($pools) - 2];
                if ($before / $few <= $sum / $many) {
                    break;
                }
                array_splice($pools, -2, 2, [[$sum + $before, $many + $few]]);
            }
        }
        $placed = [];
        foreach ($pools as [$sum, $many]) {
            $at = max($least, min($most, $sum / $many));
            for ($one = 0; $one < $many; ++$one) {
                $placed[] = $at + $offsets[count($placed)];
            }
        }

        return $placed;
    }
}
