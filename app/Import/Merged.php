<?php

declare(strict_types=1);

namespace App\Import;

/** Cells that are joined in a file: what stands in the first is said of all of them. */
final readonly class Merged
{
    /** cells of one join beyond which it is a decoration, and nothing is said */
    private const MOST = 4000;

    /**
     * @param array<int, array<int, string>> $rows
     * @param list<string> $ranges such as `A2:A5`
     */
    public static function fill(array &$rows, array $ranges): void
    {
        foreach ($ranges as $range) {
            if (preg_match('/^([A-Z]+)(\d+):([A-Z]+)(\d+)$/D', $range, $found) !== 1) {
                continue;
            }
            [$left, $right] = [self::column($found[1]), self::column($found[3])];
            self::spread($rows, (int) $found[2] - 1, $left, (int) $found[4] - (int) $found[2] + 1, $right - $left + 1);
        }
    }

    /** @param array<int, array<int, string>> $rows */
    public static function spread(array &$rows, int $row, int $column, int $down, int $across): void
    {
        $text = $rows[$row][$column] ?? '';
        // A title over the whole table names none of its columns.
        $isTitle = $across > 1 && $down === 1 && self::isAlone($rows[$row] ?? [], $column);
        if ($text === '' || $isTitle || $down * $across > self::MOST) {
            return;
        }
        for ($i = 0; $i < $down; ++$i) {
            for ($j = 0; $j < $across; ++$j) {
                $rows[$row + $i][$column + $j] = $text;
            }
        }
    }

    /** @param array<int, string> $cells */
    private static function isAlone(array $cells, int $column): bool
    {
        foreach ($cells as $place => $text) {
            if ($place !== $column && trim($text) !== '') {
                return false;
            }
        }

        return true;
    }

    private static function column(string $letters): int
    {
        $column = 0;
        foreach (str_split($letters) as $letter) {
            $column = $column * 26 + \ord($letter) - 64;
        }

        return $column - 1;
    }
}
