<?php

declare(strict_types=1);

namespace Lupine\Core\Voice;

/**
 * Which window of a sound says what a window of another one says: the cheapest way through both, forward in each, which
 * may pass over parts of either.
 *
 * Source: Sakoe and Chiba 1978, “Dynamic programming algorithm optimization for spoken word recognition”, with a band
 * of allowed differences; a step in both costs 1.4 of its distance, a step in one alone costs 1. The gaps, with a price
 * of their own to open them, as in Gotoh 1982, “An improved algorithm for matching biological sequences” (from memory).
 */
final readonly class Warping
{
    /** what a step does: lays one window over the other, skips one of the known voice, swallows one of the recording */
    public const LAID = 0;
    public const SKIPPED = 1;
    public const SWALLOWED = 2;

    private const BOTH = 1.4;

    /**
     * @param list<int> $rows of each step the window of the known voice; −1 before its first
     * @param list<int> $columns of each step the window of the recording; −1 before its first
     * @param list<int> $kinds what each step does
     * @param list<float> $costs the distance at each step, 0 in gaps
     */
    private function __construct(
        public array $rows,
        public array $columns,
        public array $kinds,
        public array $costs,
        private int $windows,
    ) {
    }

    /**
     * @param non-empty-list<Cepstra> $voices of equal length: their mean distance counts
     * @param (\Closure(float): void)|null $progress is told how much is done, 0 to 1
     */
    public static function through(
        array $voices,
        Cepstra $other,
        Band $band,
        ?Gaps $gaps = null,
        ?\Closure $progress = null,
    ): self {
        $count = $voices[0]->windows;
        $gaps ??= Gaps::none($count, $other->windows);
        [$laid, $skipped, $swallowed, $steps] = self::beforeTheFirst($band, $gaps);
        $ways = [$steps];
        for ($row = 1; $row <= $count; ++$row) {
            $from = max(1, $band->lows[$row]);
            $distances = $voices[0]->distances($row - 1, $other, $from - 1, $band->highs[$row]);
            if (isset($voices[1])) {
                $more = $voices[1]->distances($row - 1, $other, $from - 1, $band->highs[$row]);
                foreach ($more as $place => $distance) {
                    $distances[$place] = 0.5 * ($distances[$place] + $distance);
                }
            }
            [$laid, $skipped, $swallowed, $steps] = self::row(
                $row,
                $distances,
                $band,
                $gaps,
                $laid,
                $skipped,
                $swallowed,
            );
            $ways[] = $steps;
            if ($progress !== null && $row % 100 === 0) {
                $progress($row / $count);
            }
        }

        return self::back($voices, $other, $band, $ways, [end($laid), end($skipped), end($swallowed)]);
    }

    /**
     * What it costs to come to each boundary of a row, by the last step, and that step.
     *
     * @param array<int, float> $distances of the windows before the boundaries, from the first window on
     * @param list<float> $laid the row before, by its last step
     * @param list<float> $skipped
     * @param list<float> $swallowed
     *
     * @return array{list<float>, list<float>, list<float>, string}
     */
    private static function row(
        int $row,
        array $distances,
        Band $band,
        Gaps $gaps,
        array $laid,
        array $skipped,
        array $swallowed,
    ): array {
        [$from, $to] = [$band->lows[$row], $band->highs[$row]];
        $mayClose = $gaps->starts[$row - 1];
        $mayOpen = $gaps->starts[$row] ?? true;
        [$edge, $nextEdge] = [$gaps->rowEdges[$row - 1], $gaps->rowEdges[$row]];
        $edges = $gaps->columnEdges;
        $costs = $gaps->columns;
        $hold = $gaps->hold;
        $skip = $gaps->rows[$row - 1];
        $laidNow = $skippedNow = $swallowedNow = [];
        $lastLaid = $lastSkipped = $lastSwallowed = INF;
        $steps = '';
        $place = $from - $band->lows[$row - 1];
        $at = 0;
        for ($column = $from; $column <= $to; ++$column, ++$place) {
            $above = $laid[$place] ?? INF;
            $aboveSkipped = $skipped[$place] ?? INF;
            $aboveSwallowed = $swallowed[$place] ?? INF;
            $step = 0;
            $best = INF;
            if ($column > 0) {
                $distance = $distances[$at++];
                $best = ($laid[$place - 1] ?? INF) + self::BOTH * $distance;
                $one = min($row > 1 ? $above : INF, $lastLaid) + $distance + $hold;
                if ($one < $best) {
                    $best = $one;
                    $step = $row > 1 && $above <= $lastLaid ? 1 : 2;
                }
                if ($mayClose) {
                    $closed = ($skipped[$place - 1] ?? INF) + self::BOTH * $distance + $edge;
                    if ($closed < $best) {
                        $best = $closed;
                        $step = 3;
                    }
                    $closed = ($swallowed[$place - 1] ?? INF) + self::BOTH * $distance + $edges[$column - 1];
                    if ($closed < $best) {
                        $best = $closed;
                        $step = 4;
                    }
                }
            }
            $skipping = $aboveSkipped;
            if ($mayClose) {
                $opened = min($above + $edge, $aboveSwallowed) + $edges[$column];
                if ($opened < $skipping) {
                    $skipping = $opened;
                    $step += $above + $edge <= $aboveSwallowed ? 8 : 16;
                }
            }
            $swallowing = $lastSwallowed;
            if ($mayOpen && $column > $from) {
                $opened = min($lastLaid + $edges[$column - 1], $lastSkipped) + $nextEdge;
                if ($opened < $swallowing) {
                    $swallowing = $opened;
                    $step += $lastLaid + $edges[$column - 1] <= $lastSkipped ? 64 : 32;
                }
            }
            $lastLaid = $best;
            $lastSkipped = $skipping + $skip;
            $lastSwallowed = $column > 0 ? $swallowing + $costs[$column - 1] : INF;
            $laidNow[] = $lastLaid;
            $skippedNow[] = $lastSkipped;
            $swallowedNow[] = $lastSwallowed;
            $steps .= chr($step);
        }

        return [$laidNow, $skippedNow, $swallowedNow, $steps];
    }

    /**
     * The first and the last window of the other sound that belong to each window of the one; where it is passed over,
     * those about it.
     *
     * @return non-empty-list<array{int, int}>
     */
    public function spans(): array
    {
        $firsts = $lasts = [];
        foreach ($this->rows as $step => $row) {
            // What is swallowed is looked at with the windows before and after it.
            $touched = $this->kinds[$step] === self::SWALLOWED ? [$row, $row + 1] : [$row];
            foreach ($touched as $one) {
                $firsts[$one] = min($firsts[$one] ?? PHP_INT_MAX, $this->columns[$step]);
                $lasts[$one] = max($lasts[$one] ?? 0, $this->columns[$step]);
            }
        }
        $spans = [];
        for ($row = 0; $row < $this->windows; ++$row) {
            $spans[] = [max(0, $firsts[$row] ?? $spans[$row - 1][1] ?? 0), $lasts[$row] ?? $spans[$row - 1][1] ?? 0];
        }

        return $spans === [] ? [[0, 0]] : $spans;
    }

    /** @return array{list<float>, list<float>, list<float>, string} sums and steps before the first window */
    private static function beforeTheFirst(Band $band, Gaps $gaps): array
    {
        $laid = $swallowed = [];
        $last = INF;
        $bytes = '';
        for ($column = $band->lows[0]; $column <= $band->highs[0]; ++$column) {
            $laid[] = $column === 0 ? 0.0 : INF;
            $last = $column === 1 ? $gaps->rowEdges[0] + $gaps->columnEdges[0] : $last;
            $last = $column === 0 ? INF : $last + $gaps->columns[$column - 1];
            $swallowed[] = $last;
            $bytes .= chr($column === 1 ? 64 : 0);
        }

        return [$laid, array_fill(0, count($laid), INF), $swallowed, $bytes];
    }

    /**
     * @param non-empty-list<Cepstra> $voices
     * @param list<string> $ways
     * @param array{float|false, float|false, float|false} $ends what each kind of end costs
     */
    private static function back(array $voices, Cepstra $other, Band $band, array $ways, array $ends): self
    {
        $row = $voices[0]->windows;
        $column = $other->windows;
        $kind = (int) array_search(min($ends), $ends, true);
        $rows = $columns = $kinds = $costs = [];
        while ($row > 0 || $column > 0) {
            if ($row <= 0 || $column <= 0) {
                $kind = $row <= 0 ? self::SWALLOWED : self::SKIPPED;
            }
            $rows[] = $row - 1;
            $columns[] = $column - 1;
            $kinds[] = $kind;
            $costs[] = $kind === self::LAID ? self::distance($voices, $other, $row - 1, $column - 1) : 0.0;
            $way = ord($ways[$row][$column - $band->lows[$row]] ?? "\0");
            if ($kind === self::LAID) {
                $step = $way & 7;
                $row -= $step === 2 ? 0 : 1;
                $column -= $step === 1 ? 0 : 1;
                $kind = max(0, $step - 2);
            } elseif ($kind === self::SKIPPED) {
                --$row;
                $kind = [self::SKIPPED, self::LAID, self::SWALLOWED][($way >> 3) & 3] ?? self::LAID;
            } else {
                --$column;
                $kind = [self::SWALLOWED, self::SKIPPED, self::LAID][($way >> 5) & 3] ?? self::LAID;
            }
        }

        return new self(
            array_reverse($rows),
            array_reverse($columns),
            array_reverse($kinds),
            array_reverse($costs),
            $voices[0]->windows,
        );
    }

    /** @param non-empty-list<Cepstra> $voices */
    private static function distance(array $voices, Cepstra $other, int $row, int $column): float
    {
        $sum = 0.0;
        foreach ($voices as $voice) {
            $sum += $voice->distance($row, $other, $column);
        }

        return $sum / count($voices);
    }
}
