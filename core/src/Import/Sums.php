<?php

declare(strict_types=1);

namespace Lupine\Core\Import;

/** Rows and columns that add up others, or are their mean: they say so, and they are. */
final readonly class Sums
{
    private const SUMS = '/^((grand|sub|over)[\s-]*)?(total|totals|sum|Σ|in all|all|altogether|together|gesamt|summe'
        .'|insgesamt|average|mean|avg\.?|durchschnitt)(?!\pL)|\b(sub)?total$/iu';
    private const MEANS = '/\b(average|mean|avg|durchschnitt)\b/iu';

    /** how far a sum may be from what its parts come to */
    private const ROUNDED = 0.006;

    /** @param list<int> $values columns of numbers */
    public function __construct(private Columns $columns, private array $values)
    {
    }

    /** Whether a name says that what it names adds up others, or is their mean. */
    public static function isCalled(string $name): bool
    {
        return preg_match(self::SUMS, $name) === 1;
    }

    public static function isCalledMean(string $name): bool
    {
        return preg_match(self::MEANS, $name) === 1;
    }

    /**
     * Whether a row is the sum of all parts, or of those up to the next row that is named so, above it or below.
     *
     * @param list<int> $named rows that are called sums
     * @param list<int> $parts all others
     */
    public function isSum(int $row, array $named, array $parts): bool
    {
        $before = max([-1, ...array_filter($named, static fn (int $one): bool => $one < $row)]);
        $after = min([PHP_INT_MAX, ...array_filter($named, static fn (int $one): bool => $one > $row)]);
        $blocks = [
            $parts,
            array_filter($parts, static fn (int $one): bool => $one > $before && $one < $row),
            array_filter($parts, static fn (int $one): bool => $one > $row && $one < $after),
            array_filter($parts, static fn (int $one): bool => $one < $row),
            // Rows that are hidden may be in it.
            $parts === [] ? [] : array_values(array_diff(range($parts[0], max($parts)), $named)),
        ];
        foreach ($blocks as $block) {
            if (count($block) > 0 && $this->comesTo($row, false, $block)) {
                return true;
            }
        }

        return false;
    }

    /**
     * Whether a row is the mean of others.
     *
     * @param list<int> $parts
     */
    public function isMean(int $row, array $parts): bool
    {
        return count($parts) > 1 && $this->comesTo($row, true, $parts);
    }

    /**
     * Whether in every column a row has what others come to, as far as rounding goes.
     *
     * @param array<int> $others
     */
    private function comesTo(int $row, bool $isMean, array $others): bool
    {
        $count = 0;
        foreach ($this->values as $column) {
            $told = $this->columns->amount($row, $column);
            if ($told === null) {
                continue;
            }
            $numbers = [];
            foreach ($others as $other) {
                $number = $this->columns->amount($other, $column);
                if ($number !== null) {
                    $numbers[] = $number;
                }
            }
            $is = $isMean ? array_sum($numbers) / max(1, count($numbers)) : array_sum($numbers);
            if (!self::isAbout($told, $is)) {
                return false;
            }
            ++$count;
        }

        return $count > 0;
    }

    /**
     * Whether a column is the sum of the columns of numbers, in every row that says one.
     *
     * @param list<int> $rows
     */
    public function isColumn(int $column, array $rows): bool
    {
        $count = 0;
        foreach ($rows as $row) {
            $told = $this->columns->amount($row, $column);
            if ($told === null) {
                continue;
            }
            $parts = array_map(fn (int $one): float => $this->columns->amount($row, $one) ?? 0.0, $this->values);
            if (!self::isAbout($told, array_sum($parts))) {
                return false;
            }
            ++$count;
        }

        return $count > 1;
    }

    /** Whether a number is what others come to, as far as rounding goes. */
    private static function isAbout(float $told, float $is): bool
    {
        return abs($told - $is) <= self::ROUNDED * abs($is) + 1e-9 * abs($told);
    }
}
