<?php

declare(strict_types=1);

namespace Lupine\Core\Figures;

use Brick\Math\BigRational;
use Brick\Math\RoundingMode;

/**
 * Rounds shares so that what is shown adds up to what the shares add up to.
 *
 * The largest-remainder (Hamilton) method: every share is rounded down, then the units still missing go one each to
 * the shares that lost most. Ties go to the share that comes first.
 */
final readonly class LargestRemainder
{
    /**
     * @param list<BigRational> $parts non-negative
     * @param int $decimals digits after the point that are kept, 0 to 6
     *
     * @return list<BigRational> in the order of $parts; their sum is the sum of $parts rounded half up
     */
    public static function round(array $parts, int $decimals): array
    {
        $small = Exact::inParts($parts, 10 ** $decimals);

        return $small === null ? self::ofLarge($parts, $decimals) : self::ofSmall(...$small, unit: 10 ** $decimals);
    }

    /**
     * @param list<int> $parts in units
     * @param int $one how much of that is one unit
     * @param int $unit how many units are one
     *
     * @return list<BigRational>
     */
    private static function ofSmall(array $parts, int $one, int $unit): array
    {
        $floors = array_map(static fn (int $part): int => intdiv($part, $one), $parts);
        $lost = array_map(static fn (int $part): int => $part % $one, $parts);
        $rounded = intdiv(2 * array_sum($parts) + $one, 2 * $one);
        $ranking = array_keys($lost);
        usort($ranking, static fn (int $a, int $b): int => [$lost[$b], $a] <=> [$lost[$a], $b]);
        foreach (array_slice($ranking, 0, $rounded - (int) array_sum($floors)) as $index) {
            ++$floors[$index];
        }

        return array_map(
            static fn (int $floor): BigRational => Exact::fraction($floor, $unit),
            array_values($floors),
        );
    }

    /**
     * @param list<BigRational> $parts
     *
     * @return list<BigRational>
     */
    private static function ofLarge(array $parts, int $decimals): array
    {
        $unit = BigRational::of(10)->power($decimals);
        $total = BigRational::zero();
        $floors = [];
        $lost = [];
        $given = BigRational::zero();
        foreach ($parts as $index => $part) {
            $scaled = $part->multipliedBy($unit)->simplified();
            $floors[$index] = $scaled->toScale(0, RoundingMode::FLOOR)->toBigRational();
            $lost[$index] = $scaled->minus($floors[$index]);
            // Without this the denominators of all parts would be multiplied with one another.
            $total = $total->plus($scaled)->simplified();
            $given = $given->plus($floors[$index])->simplified();
        }
        $missing = $total->toScale(0, RoundingMode::HALF_UP)->toBigRational()->minus($given)->toInt();
        $ranking = array_keys($lost);
        usort($ranking, static fn (int $a, int $b): int => [$lost[$b]->compareTo($lost[$a]), $a] <=> [0, $b]);
        foreach (array_slice($ranking, 0, $missing) as $index) {
            $floors[$index] = $floors[$index]->plus(1);
        }

        return array_map(
            static fn (BigRational $floor): BigRational => $floor->dividedBy($unit)->simplified(),
            array_values($floors),
        );
    }
}
