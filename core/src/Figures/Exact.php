<?php

declare(strict_types=1);

namespace Lupine\Core\Figures;

use Brick\Math\BigRational;

/**
 * Sums and quotients of exact numbers, in lowest terms. Numbers that are small enough, which nearly all are, are
 * reckoned with as whole numbers of the machine: the same result, and sooner.
 */
final class Exact
{
    /** the smallest part of one that sums of small numbers are counted in */
    private const UNIT = 1_000_000;

    /** digits of a numerator or a denominator that is small enough */
    private const DIGITS = 9;

    /** what a sum may come to on its way: another small number in that unit still fits after it */
    private const MOST = 4_000_000_000_000_000_000;

    /** @param iterable<BigRational> $numbers */
    public static function sum(iterable $numbers): BigRational
    {
        $units = 0;
        $large = null;
        foreach ($numbers as $number) {
            [$numerator, $denominator] = self::small($number) ?? [0, 0];
            if ($denominator !== 0 && self::UNIT % $denominator === 0 && abs($units) < self::MOST) {
                $units += $numerator * intdiv(self::UNIT, $denominator);
            } else {
                $large = ($large ?? BigRational::zero())->plus($number)->simplified();
            }
        }
        $sum = self::fraction($units, self::UNIT);

        return $large === null ? $sum : $large->plus($sum)->simplified();
    }

    /** @param BigRational $divisor not zero */
    public static function quotient(BigRational $dividend, BigRational $divisor): BigRational
    {
        $above = self::small($dividend);
        $below = self::small($divisor);
        if ($above === null || $below === null || $below[0] === 0) {
            return $dividend->dividedBy($divisor)->simplified();
        }

        return self::fraction($above[0] * $below[1], $above[1] * $below[0]);
    }

    /**
     * Numbers times a factor, counted in one part of one that holds all of them.
     *
     * @param list<BigRational> $numbers
     * @param int $factor above 0
     *
     * @return array{list<int>, int}|null how many parts each is, and how many are one; null where one is negative or
     *                                    not small, or twice their sum would not be
     */
    public static function inParts(array $numbers, int $factor): ?array
    {
        $one = 1;
        $found = [];
        foreach ($numbers as $number) {
            $small = self::small($number);
            if ($small === null || $small[0] < 0) {
                return null;
            }
            $found[] = $small;
            $one *= intdiv($small[1], self::common($one, $small[1]));
            if ($one > self::UNIT ** 2) {
                return null;
            }
        }
        $parts = [];
        $sum = 0.0;
        foreach ($found as [$numerator, $denominator]) {
            $sum += (float) $numerator * intdiv($one, $denominator) * $factor;
            if ($sum > self::MOST) {
                return null;
            }
            $parts[] = $numerator * intdiv($one, $denominator) * $factor;
        }

        return [$parts, $one];
    }

    /** @param int $denominator not zero */
    public static function fraction(int $numerator, int $denominator): BigRational
    {
        $common = self::common(abs($numerator), abs($denominator));
        $sign = $denominator < 0 ? -1 : 1;

        return BigRational::nd($sign * intdiv($numerator, $common), $sign * intdiv($denominator, $common));
    }

    /** @return array{int, int}|null numerator and denominator, where both are small */
    private static function small(BigRational $number): ?array
    {
        $numerator = (string) $number->getNumerator();
        $denominator = (string) $number->getDenominator();

        return strlen($numerator) > self::DIGITS || strlen($denominator) > self::DIGITS
            ? null
            : [(int) $numerator, (int) $denominator];
    }

    /** The greatest common divisor, by Euclid (Elements VII, 2). */
    private static function common(int $one, int $other): int
    {
        while ($other !== 0) {
            [$one, $other] = [$other, $one % $other];
        }

        return $one;
    }
}
