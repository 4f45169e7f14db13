<?php

declare(strict_types=1);

namespace Lupine\Core\Voice;

/**
 * Lays a known text over a recording of it, so that both sound alike; parts of either may be passed over.
 *
 * First roughly, then in steps of 40 ms with gaps, which may only begin and end where words do, then in steps of 10 ms
 * close to that. What a gap costs is measured against how much this recording sounds like the known voices at all.
 */
final readonly class Alignment
{
    /** windows of 10 ms that are one, and how many of these are one on the first way */
    private const COARSE = 4;
    private const ROUGH = 2;
    private const ROUGHER = 4;

    /** windows of 10 ms: from so many on, the first way is found more roughly: 8 minutes */
    private const LONG = 48_000;

    /** windows of 10 ms about an even pace in which the first way is looked for, and the part of the whole */
    private const LEAST_REACH = 150;
    private const REACH = 0.15;

    /** windows of 10 ms about the first way: what it leaves out may be a few sentences */
    private const GAP_REACH = 1500;

    private const FINE_REACH = 30;

    /** what to pass over a window costs, as a part of the usual distance: in the coarse way and in the fine one */
    private const GAP = 0.9;
    private const FINE_GAP = 0.85;

    /** the same where the coarse way has a gap, away from gaps, and for windows of a figure */
    private const WITHIN = 0.4;
    private const AWAY = 1.05;
    private const OF_FIGURE = 0.85;

    /** windows to both sides of a gap of the coarse way that count as near it */
    private const NEAR = 30;

    /** what the edge of a gap costs, in usual distances; less where a sentence begins and beside figures */
    private const EDGE = 6.0;
    private const AT_SENTENCE = 0.3;
    private const AT_FIGURE = 0.5;

    /** the edge of a gap in the recording; none at pauses */
    private const RECORDING_EDGE = 4.0;
    private const BEFORE_PAUSE = 8;
    private const AFTER_PAUSE = 10;

    /** windows of the known voice to both sides in which the pace is looked at */
    private const AROUND = 40;

    /** windows of the recording by which it may stray there: from the first on gaps are made easier, to the second */
    private const STRAYS = 15;
    private const STRAYS_MUCH = 30;
    private const EASIER = 0.3;

    private const FINE_HOLD = 0.1;

    /** how many windows of each sound are compared to find how far apart any two are */
    private const ANY = 200;

    /**
     * @param Warping $way of both voices together
     * @param Warping $first of each alone, near the same
     */
    private function __construct(public Warping $way, public Warping $first, public Warping $second)
    {
    }

    /** @param (\Closure(float): void)|null $progress is told how much is done, 0 to 1 */
    public static function of(KnownText $text, Heard $recording, ?\Closure $progress = null): self
    {
        $part = static fn (float $from, float $to): ?\Closure => $progress === null
            ? null
            : static fn (float $done) => $progress($from + ($to - $from) * $done);
        $voices = [$text->heard->cepstra, $text->second];
        $other = $recording->cepstra;
        $coarse = array_map(static fn (Cepstra $one): Cepstra => $one->coarser(self::COARSE), $voices);
        $coarseOther = $other->coarser(self::COARSE);
        $rough = self::rough($coarse, $coarseOther, $part(0.0, 0.25));
        $usual = self::median($rough->costs);
        $way = Warping::through(
            $coarse,
            $coarseOther,
            Band::about($rough, 1, $coarse[0]->windows, $coarseOther->windows, intdiv(self::GAP_REACH, self::COARSE)),
            self::coarseGaps($text, $recording, $coarse[0]->windows, $coarseOther->windows, $usual),
            $part(0.25, 0.6),
        );
        $usual *= self::anyDistance($voices, $other) / max(1e-9, self::anyDistance($coarse, $coarseOther));
        $band = Band::about($way, self::COARSE, $voices[0]->windows, $other->windows, self::FINE_REACH);
        $gaps = self::fineGaps($text, $recording, $way, $usual);
        $fine = Warping::through($voices, $other, $band, $gaps, $part(0.6, 0.7));
        $gaps = self::easier($gaps, $fine);

        return new self(
            Warping::through($voices, $other, $band, $gaps, $part(0.7, 0.85)),
            Warping::through([$voices[0]], $other, $band, $gaps, $part(0.85, 0.93)),
            Warping::through([$voices[1]], $other, $band, $gaps, $part(0.93, 1.0)),
        );
    }

    /**
     * A way without gaps, in windows of 40 ms.
     *
     * @param non-empty-list<Cepstra> $coarse
     */
    private static function rough(array $coarse, Cepstra $other, ?\Closure $progress): Warping
    {
        $longest = max($coarse[0]->windows, $other->windows) * self::COARSE;
        $by = $longest > self::LONG ? self::ROUGHER : self::ROUGH;
        $roughs = array_map(static fn (Cepstra $one): Cepstra => $one->coarser($by), $coarse);
        $roughOther = $other->coarser($by);
        $reach = (int) ceil(max(self::LEAST_REACH, self::REACH * $longest) / ($by * self::COARSE));
        $way = Warping::through(
            [$roughs[0]],
            $roughOther,
            Band::even($roughs[0]->windows, $roughOther->windows, $reach),
            null,
            $progress,
        );

        return Warping::through(
            $coarse,
            $other,
            Band::about($way, $by, $coarse[0]->windows, $other->windows, 2 * $by),
        );
    }

    private static function coarseGaps(KnownText $text, Heard $recording, int $rows, int $columns, float $usual): Gaps
    {
        return new Gaps(
            array_fill(0, $rows, self::GAP * $usual),
            array_fill(0, $columns, self::GAP * $usual),
            self::rowEdges($text, self::COARSE, $rows, $usual),
            self::columnEdges($recording, self::COARSE, $columns, $usual),
            self::starts($text, self::COARSE, $rows),
            0.0,
        );
    }

    private static function fineGaps(KnownText $text, Heard $recording, Warping $coarse, float $usual): Gaps
    {
        $rows = $text->heard->cepstra->windows;
        $columns = $recording->cepstra->windows;
        $skipped = $swallowed = [];
        foreach ($coarse->kinds as $step => $kind) {
            if ($kind === Warping::SKIPPED) {
                $skipped[$coarse->rows[$step]] = true;
            } elseif ($kind === Warping::SWALLOWED) {
                $swallowed[$coarse->columns[$step]] = true;
            }
        }
        $rowCosts = self::about(array_keys($skipped), $rows, self::FINE_GAP * $usual, self::AWAY);
        foreach ($text->words as $index => $word) {
            $end = $word->isFigure ? (int) ($text->rows[$index + 1] ?? $rows) : 0;
            for ($row = (int) $text->rows[$index]; $row < $end; ++$row) {
                $rowCosts[$row] *= self::OF_FIGURE;
            }
        }

        return new Gaps(
            $rowCosts,
            self::about(array_keys($swallowed), $columns, self::FINE_GAP * $usual, 1.0),
            self::rowEdges($text, 1, $rows, $usual),
            self::columnEdges($recording, 1, $columns, $usual),
            self::starts($text, 1, $rows),
            self::FINE_HOLD * $usual,
        );
    }

    /**
     * Costs of windows: cheap within the gaps of the coarse way, as usual near them.
     *
     * @param list<int> $windows of 40 ms that the coarse way passes over, in order
     *
     * @return array<int, float>
     */
    private static function about(array $windows, int $count, float $cost, float $away): array
    {
        $costs = array_fill(0, $count, $cost * $away);
        $inside = [];
        $runs = [];
        foreach ($windows as $window) {
            if ($runs !== [] && $runs[count($runs) - 1][1] === $window) {
                $runs[count($runs) - 1][1] = $window + 1;
            } else {
                $runs[] = [$window, $window + 1];
            }
        }
        foreach ($runs as [$from, $to]) {
            [$from, $to] = [$from * self::COARSE, $to * self::COARSE];
            $rim = min(self::NEAR, intdiv($to - $from, 3));
            for ($at = max(0, $from - self::NEAR); $at < min($count, $to + self::NEAR); ++$at) {
                $costs[$at] = $cost;
            }
            $inside[] = [$from + $rim, min($count, $to - $rim)];
        }
        foreach ($inside as [$from, $to]) {
            for ($at = $from; $at < $to; ++$at) {
                $costs[$at] = $cost * self::WITHIN;
            }
        }

        return $costs;
    }

    /**
     * Where the way goes much faster or slower than as a rule, a word may be left out or put in: the edges of gaps cost
     * less there.
     */
    private static function easier(Gaps $gaps, Warping $way): Gaps
    {
        [$rowEdges, $columnEdges] = [$gaps->rowEdges, $gaps->columnEdges];
        $rowParts = $columnParts = [];
        foreach (self::strays($way) as $step => $strays) {
            $much = max(0.0, min(1.0, ($strays - self::STRAYS) / (self::STRAYS_MUCH - self::STRAYS)));
            if ($much > 0) {
                [$row, $column] = [max(0, $way->rows[$step]), max(0, $way->columns[$step])];
                $rowParts[$row] = max($rowParts[$row] ?? 0.0, $much);
                $columnParts[$column] = max($columnParts[$column] ?? 0.0, $much);
            }
        }
        foreach ($rowParts as $row => $much) {
            $rowEdges[$row] *= 1 - $much * (1 - self::EASIER);
        }
        foreach ($columnParts as $column => $much) {
            $columnEdges[$column] *= 1 - $much * (1 - self::EASIER);
        }

        return new Gaps($gaps->rows, $gaps->columns, $rowEdges, $columnEdges, $gaps->starts, $gaps->hold);
    }

    /**
     * By how many windows of the recording a way strays from its usual pace, near each of its steps.
     *
     * @return list<float>
     */
    public static function strays(Warping $way): array
    {
        $last = count($way->rows) - 1;
        $across = $along = $paces = [];
        $from = $to = 0;
        foreach ($way->rows as $row) {
            while ($way->rows[$from] < $row - self::AROUND) {
                ++$from;
            }
            while ($to < $last && $way->rows[$to + 1] <= $row + self::AROUND) {
                ++$to;
            }
            $along[] = $way->columns[$to] - $way->columns[$from];
            $across[] = $way->rows[$to] - $way->rows[$from];
            $paces[] = ($way->columns[$to] - $way->columns[$from]) / max(1, $way->rows[$to] - $way->rows[$from]);
        }
        $pace = self::median($paces);

        return array_map(static fn (int $one, int $other): float => abs($one - $pace * $other), $along, $across);
    }

    /** @return array<int, float> */
    private static function rowEdges(KnownText $text, int $by, int $rows, float $usual): array
    {
        $edge = self::EDGE * $usual;
        $edges = array_fill(0, $rows + 1, INF);
        foreach ($text->words as $index => $word) {
            $isByFigure = $word->isFigure || ($text->words[$index - 1]->isFigure ?? false);
            $row = min($rows - 1, intdiv((int) $text->rows[$index], $by));
            $edges[$row] = min(
                $edges[$row],
                $edge * ($word->isFirst ? self::AT_SENTENCE : ($isByFigure ? self::AT_FIGURE : 1.0)),
            );
        }
        $edges[0] = $edges[$rows] = $edge * self::AT_SENTENCE;

        return $edges;
    }

    /** @return array<int, float> */
    private static function columnEdges(Heard $recording, int $by, int $columns, float $usual): array
    {
        $edges = array_fill(0, $columns + 1, self::RECORDING_EDGE * $usual);
        foreach ($recording->kept as $short => $window) {
            if ($short > 0 && $window - $recording->kept[$short - 1] > 1) {
                $to = min($columns, intdiv($short - 1 + self::AFTER_PAUSE, $by));
                for ($at = intdiv(max(0, $short - 1 - self::BEFORE_PAUSE), $by); $at <= $to; ++$at) {
                    $edges[$at] = 0.0;
                }
            }
        }
        $edges[0] = $edges[$columns] = 0.0;

        return $edges;
    }

    /** @return array<int, bool> */
    private static function starts(KnownText $text, int $by, int $rows): array
    {
        $starts = array_fill(0, $rows, false);
        $starts[0] = true;
        foreach ($text->rows as $row) {
            $starts[min($rows - 1, intdiv((int) $row, $by))] = true;
        }

        return $starts;
    }

    /**
     * How far apart any window of the one is from any of the other, as a rule.
     *
     * @param non-empty-list<Cepstra> $voices
     */
    private static function anyDistance(array $voices, Cepstra $other): float
    {
        $any = static fn (int $windows, int $at): int => intdiv($at * ($windows - 1), self::ANY - 1);
        $means = [];
        for ($row = 0; $row < self::ANY; ++$row) {
            $sum = 0.0;
            for ($column = 0; $column < self::ANY; ++$column) {
                $sum += $voices[0]->distance(
                    $any($voices[0]->windows, $row),
                    $other,
                    $any($other->windows, $column),
                );
            }
            $means[] = $sum / self::ANY;
        }

        return self::median($means);
    }

    /** @param list<float> $values */
    public static function median(array $values): float
    {
        sort($values);

        return $values[intdiv(count($values), 2)] ?? 0.0;
    }
}
