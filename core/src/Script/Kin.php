<?php

declare(strict_types=1);

namespace Lupine\Core\Script;

/**
 * Which words of a text are those of another: as many as possible in the same order.
 *
 * Source: Wagner and Fischer 1974, “The string-to-string correction problem”, with deletions and insertions alone.
 */
final readonly class Kin
{
    /** so many pairs of words are compared in one go */
    private const MOST_CELLS = 1_000_000;

    /**
     * @param list<string> $texts
     * @param list<string> $others
     *
     * @return array<int, int> the index of the other for each word that has one
     */
    public static function pairs(array $texts, array $others): array
    {
        if ($texts === $others) {
            // As it mostly is: nothing has been typed since.
            return array_keys($texts);
        }
        $texts = array_map(self::plain(...), $texts);
        $others = array_map(self::plain(...), $others);
        $from = 0;
        $pairs = [];
        while (isset($texts[$from], $others[$from]) && $texts[$from] === $others[$from]) {
            $pairs[$from] = $from;
            ++$from;
        }
        $rows = count($texts);
        $columns = count($others);
        $tail = [];
        while ($rows > $from && $columns > $from && $texts[$rows - 1] === $others[$columns - 1]) {
            $tail[--$rows] = --$columns;
        }
        // most[row][column]: of the words from there on, as many as can be the same.
        $most = array_fill($from, $rows - $from + 1, array_fill($from, $columns - $from + 1, 0));
        for ($row = $rows - 1; $row >= $from; --$row) {
            for ($column = $columns - 1; $column >= $from; --$column) {
                $most[$row][$column] = $texts[$row] === $others[$column]
                    ? $most[$row + 1][$column + 1] + 1
                    : max($most[$row + 1][$column], $most[$row][$column + 1]);
            }
        }
        for ($row = $from, $column = $from; $row < $rows && $column < $columns;) {
            if ($texts[$row] === $others[$column]) {
                $pairs[$row++] = $column++;
            } elseif ($most[$row + 1][$column] >= $most[$row][$column + 1]) {
                ++$row;
            } else {
                ++$column;
            }
        }
        $pairs += $tail;
        ksort($pairs);

        return $pairs;
    }

    /**
     * The same for texts of any length: runs of words that occur once in each hold the rest in place.
     *
     * @param list<string> $texts
     * @param list<string> $others
     *
     * @return array<int, int>
     */
    public static function ofLong(array $texts, array $others): array
    {
        if (count($texts) * count($others) <= self::MOST_CELLS) {
            return self::pairs($texts, $others);
        }
        $anchors = self::anchors($texts, $others);
        if ($anchors === []) {
            // Too different and too long to be compared: what follows is taken for new.
            return self::pairs(array_slice($texts, 0, 1000), array_slice($others, 0, 1000));
        }
        $pairs = [];
        [$from, $otherFrom] = [0, 0];
        foreach ([...$anchors, [count($texts), count($others)]] as [$to, $otherTo]) {
            $between = self::pairs(
                array_slice($texts, $from, min(1000, $to - $from)),
                array_slice($others, $otherFrom, min(1000, $otherTo - $otherFrom)),
            );
            foreach ($between as $one => $other) {
                $pairs[$from + $one] = $otherFrom + $other;
            }
            if ($to < count($texts)) {
                $pairs[$to] = $otherTo;
            }
            [$from, $otherFrom] = [$to + 1, $otherTo + 1];
        }

        return $pairs;
    }

    /**
     * Three words in a row that occur once in each text, in the same order in both.
     *
     * @param list<string> $texts
     * @param list<string> $others
     *
     * @return list<array{int, int}>
     */
    private static function anchors(array $texts, array $others): array
    {
        $there = self::once($others);
        $anchors = [];
        $latest = -1;
        foreach (self::once($texts) as $words => $at) {
            $other = $there[$words] ?? null;
            if ($other !== null && $other > $latest && $other - $latest < 1000) {
                $anchors[] = [$at, $other];
                $latest = $other;
            }
        }

        return $anchors;
    }

    /**
     * @param list<string> $texts
     *
     * @return array<string, int> the middle of each three words that occur once
     */
    private static function once(array $texts): array
    {
        $plain = array_map(self::plain(...), $texts);
        $places = [];
        for ($index = 1; $index < count($plain) - 1; ++$index) {
            $places[$plain[$index - 1].' '.$plain[$index].' '.$plain[$index + 1]][] = $index;
        }
        $once = [];
        foreach ($places as $words => $at) {
            if (count($at) === 1) {
                $once[$words] = $at[0];
            }
        }

        return $once;
    }

    /** A word without its case and what stands about it. */
    public static function plain(string $word): string
    {
        $plain = preg_replace('/^[^\p{L}\p{N}]+|[^\p{L}\p{N}%]+$/u', '', mb_strtolower($word)) ?? $word;

        return $plain === '' ? $word : $plain;
    }
}
