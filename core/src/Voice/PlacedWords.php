<?php

declare(strict_types=1);

namespace Lupine\Core\Voice;

/** Where a way through a recording puts the words of a known text, and what it passes over. In windows of 10 ms. */
final readonly class PlacedWords
{
    /** so many windows before a pause, a word begins after it; more where it follows a pause in the known voice */
    private const BEFORE_PAUSE = 8;
    private const BEFORE_PAUSE_AS_KNOWN = 25;

    /** so many windows after a pause that are swallowed belong to the word after them */
    private const ONSET = 25;

    /**
     * @param list<float> $begins none before the one before it
     * @param list<float> $ends each after its beginning, none after the next beginning
     * @param list<bool> $isSaid
     * @param list<Swallow> $swallows
     */
    private function __construct(
        public array $begins,
        public array $ends,
        public array $isSaid,
        public array $swallows,
    ) {
    }

    public static function along(Warping $way, KnownText $text, Heard $recording): self
    {
        $firsts = $lasts = $skips = [];
        foreach ($way->rows as $step => $row) {
            $column = $way->columns[$step];
            if ($way->kinds[$step] === Warping::LAID) {
                $firsts[$row] ??= $column;
                $lasts[$row] = $column;
            } elseif ($way->kinds[$step] === Warping::SKIPPED) {
                $skips[$row] = $column;
            }
        }
        $swallows = self::swallows($way);
        $begins = $isSaid = [];
        $latest = 0.0;
        foreach ($text->rows as $index => $row) {
            $isSaid[] = !isset($skips[(int) $row]);
            $at = isset($skips[(int) $row])
                ? self::spread((int) $row, $skips, $swallows, $recording)
                : self::across($row, $firsts, $lasts, $swallows, $recording);
            $follows = isset($skips[(int) $row]) || !self::followsPause($text, $index)
                ? self::BEFORE_PAUSE
                : self::BEFORE_PAUSE_AS_KNOWN;
            $begins[] = $latest = max($latest, (float) ($recording->pauses->at($at, $follows)[1] ?? $at));
        }
        $ends = [];
        foreach ($text->ends as $index => $row) {
            $end = isset($firsts[(int) $row])
                ? $recording->whole(0.5 * ($firsts[(int) $row] + $lasts[(int) $row]))
                : $begins[$index] + 1;
            $pause = $recording->pauses->at($end);
            $end = $pause !== null && $pause[0] > $begins[$index] ? (float) $pause[0] : $end;
            $ends[] = max($begins[$index] + 1, min($end, $begins[$index + 1] ?? INF));
        }

        return new self($begins, $ends, $isSaid, self::told($swallows, $recording));
    }

    /** @return list<array{int, int, int}> the first and last window of each, and the one of the text before it */
    private static function swallows(Warping $way): array
    {
        $swallows = [];
        $open = null;
        foreach ($way->kinds as $step => $kind) {
            if ($kind !== Warping::SWALLOWED) {
                if ($open !== null) {
                    $swallows[] = $open;
                }
                $open = null;
                continue;
            }
            $column = $way->columns[$step];
            $open = [$open[0] ?? $column, $column, $way->rows[$step]];
        }
        if ($open !== null) {
            $swallows[] = $open;
        }

        return $swallows;
    }

    private static function followsPause(KnownText $text, int $index): bool
    {
        $window = $text->words[$index]->known->begin / KnownText::MILLISECONDS;
        foreach ($text->heard->pauses->runs as [, $to]) {
            if (abs($to - $window) <= self::BEFORE_PAUSE) {
                return true;
            }
        }

        return false;
    }

    /**
     * A word that is not said stands where it would be: what is said instead is shared out, at the known voice's pace.
     *
     * @param array<int, int> $skips
     * @param list<array{int, int, int}> $swallows
     */
    private static function spread(int $row, array $skips, array $swallows, Heard $recording): float
    {
        [$from, $to] = [$row, $row + 1];
        while (isset($skips[$from - 1])) {
            --$from;
        }
        while (isset($skips[$to])) {
            ++$to;
        }
        foreach ($swallows as [$first, $last]) {
            if (abs($last - $skips[$row]) <= 1 || abs($first - $skips[$row] - 1) <= 1) {
                return $recording->whole($first + (($last - $first) * ($row - $from)) / ($to - $from));
            }
        }

        return $recording->whole($skips[$row] + 1.0);
    }

    /**
     * @param array<int, int> $firsts
     * @param array<int, int> $lasts
     * @param list<array{int, int, int}> $swallows
     */
    private static function across(float $row, array $firsts, array $lasts, array $swallows, Heard $recording): float
    {
        $low = (int) $row;
        if (!isset($firsts[$low])) {
            return 0.0;
        }
        foreach ($swallows as [$first, , $before]) {
            if ($before + 1 === $low) {
                $begin = self::isOnset($first, $firsts[$low], $recording) ? $first : $firsts[$low];

                return $recording->whole((float) $begin);
            }
        }
        $at = 0.5 * ($firsts[$low] + $lasts[$low]);
        $next = isset($firsts[$low + 1]) ? 0.5 * ($firsts[$low + 1] + $lasts[$low + 1]) : $at;

        return $recording->whole($at + ($row - $low) * ($next - $at));
    }

    /** Whether what is swallowed is only how a word after a pause begins. */
    private static function isOnset(int $from, int $to, Heard $recording): bool
    {
        $pause = $recording->pauses->at($recording->whole((float) $from), self::BEFORE_PAUSE);

        return $pause !== null && $recording->whole((float) $to) - $pause[1] <= self::ONSET;
    }

    /**
     * @param list<array{int, int, int}> $swallows
     *
     * @return list<Swallow>
     */
    private static function told(array $swallows, Heard $recording): array
    {
        $told = [];
        foreach ($swallows as [$first, $last, $row]) {
            [$from, $to] = [$recording->kept[$first], $recording->kept[$last] + 1];
            $told[] = new Swallow($from, $to, $recording->pauses->speech($from, $to), $row);
        }

        return $told;
    }
}
