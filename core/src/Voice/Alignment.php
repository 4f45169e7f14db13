<?php

declare(strict_types=1);

namespace Lupine\Core\Voice;

/**
 * Finds the words of a text in a recording of it: the same text, spoken by a voice of which every word's time is known,
 * is laid over the recording so that both sound alike, and the times go along.
 *
 * First roughly, in steps of 40 ms and within 15 % of an even pace, then in steps of 10 ms close to that. A beginning
 * that falls into a pause, or just before one, is that of what is said after it.
 */
final readonly class Alignment
{
    private const MILLISECONDS = 10.0;

    private const COARSE = 4;

    private const COARSER = 16;

    /** from so many windows of 40 ms on, the rough way is found more roughly still: 8 minutes */
    private const LONG = 12_000;

    /** windows of 10 ms */
    private const LEAST_REACH = 150;

    private const REACH = 0.15;

    private const FINE_REACH = 30;

    private const BEFORE_PAUSE = 8;

    private const BEFORE_PAUSE_AS_KNOWN = 25;

    private function __construct(private Heard $known, private Heard $recording, private Warping $warping)
    {
    }

    /** @param (\Closure(float): void)|null $progress is told how much is done, 0 to 1 */
    public static function between(Heard $known, Heard $recording, ?\Closure $progress = null): self
    {
        $one = $known->cepstra;
        $other = $recording->cepstra;
        $report = static fn (float $from, float $to): ?\Closure => $progress === null
            ? null
            : static fn (float $done) => $progress($from + ($to - $from) * $done);
        $factor = max($one->windows, $other->windows) > self::COARSE * self::LONG ? self::COARSER : self::COARSE;
        $coarse = [$one->coarser($factor), $other->coarser($factor)];
        $middles = self::evenly($coarse[0]->windows, $coarse[1]->windows);
        $reach = (int) ceil(max(self::LEAST_REACH, self::REACH * max($one->windows, $other->windows)) / $factor);
        $rough = Warping::through(...$coarse, middles: $middles, reach: $reach, progress: $report(0.0, 0.6));
        if ($factor === self::COARSER) {
            $coarse = [$one->coarser(self::COARSE), $other->coarser(self::COARSE)];
            $rough = Warping::through(
                $coarse[0],
                $coarse[1],
                self::finer($rough, $coarse[0]->windows, intdiv($factor, self::COARSE)),
                (int) (self::LEAST_REACH / self::COARSE),
                $report(0.6, 0.8),
            );
        }

        return new self($known, $recording, Warping::through(
            $one,
            $other,
            self::finer($rough, $one->windows, self::COARSE),
            self::FINE_REACH,
            $report(0.8, 1.0),
        ));
    }

    /**
     * The same with another voice, of which it is known from a first one about where its words are.
     *
     * @param list<KnownWord> $words of this voice
     * @param list<KnownWord> $found where the first voice found them in the recording
     * @param (\Closure(float): void)|null $progress is told how much is done, 0 to 1
     */
    public static function near(
        Heard $known,
        array $words,
        Heard $recording,
        array $found,
        ?\Closure $progress = null,
    ): self {
        $knots = [[0.0, 0.0]];
        foreach ($words as $index => $word) {
            $knots[] = [
                $known->short($word->begin / self::MILLISECONDS),
                $recording->short($found[$index]->begin / self::MILLISECONDS),
            ];
        }
        $knots[] = [$known->cepstra->windows - 1.0, $recording->cepstra->windows - 1.0];
        $middles = [];
        $knot = 0;
        for ($row = 0; $row < $known->cepstra->windows; ++$row) {
            while ($knot < count($knots) - 2 && $knots[$knot + 1][0] <= $row) {
                ++$knot;
            }
            [[$fromRow, $from], [$toRow, $to]] = [$knots[$knot], $knots[$knot + 1]];
            $part = max(0.0, min(1.0, ($row - $fromRow) / max(1.0, $toRow - $fromRow)));
            $middles[] = (int) round($from + ($to - $from) * $part);
        }

        return new self(
            $known,
            $recording,
            Warping::through($known->cepstra, $recording->cepstra, $middles, self::FINE_REACH, $progress),
        );
    }

    /**
     * How little the recording sounds like each word: the mean distance along it.
     *
     * @param list<KnownWord> $words of the known voice, in order
     *
     * @return list<float>
     */
    public function costs(array $words): array
    {
        $sums = [];
        $counts = [];
        foreach ($this->warping->path as $index => [$row]) {
            $sums[$row] = ($sums[$row] ?? 0.0) + $this->warping->costs[$index];
            $counts[$row] = ($counts[$row] ?? 0) + 1;
        }
        $costs = [];
        foreach ($words as $word) {
            [$from, $to] = [
                (int) $this->known->short($word->begin / self::MILLISECONDS),
                (int) $this->known->short($word->end / self::MILLISECONDS),
            ];
            [$sum, $count] = [0.0, 0];
            for ($row = $from; $row <= $to; ++$row) {
                $sum += $sums[$row] ?? 0.0;
                $count += $counts[$row] ?? 0;
            }
            $costs[] = $sum / max(1, $count);
        }

        return $costs;
    }

    /**
     * When words are said in the recording.
     *
     * @param list<KnownWord> $words of the known voice, in order
     *
     * @return list<KnownWord> in milliseconds of the recording, none before the one before it
     */
    public function words(array $words): array
    {
        $others = $this->warping->others();
        $begins = [];
        $latest = 0.0;
        foreach ($words as $word) {
            $begin = max($latest, $this->beginning($others, $word->begin / self::MILLISECONDS));
            $begins[] = $begin;
            $latest = $begin;
        }
        $found = [];
        foreach ($words as $index => $word) {
            $end = $this->across($others, $word->end / self::MILLISECONDS);
            $pause = $this->recording->pauses->at($end);
            if ($pause !== null && $pause[0] > $begins[$index]) {
                $end = $pause[0];
            }
            $end = min($end, $begins[$index + 1] ?? INF);
            $found[] = new KnownWord(
                $begins[$index] * self::MILLISECONDS,
                max($begins[$index] + 1, $end) * self::MILLISECONDS,
            );
        }

        return $found;
    }

    /** @param list<float> $others */
    private function beginning(array $others, float $window): float
    {
        $at = $this->across($others, $window);
        $follows = false;
        foreach ($this->known->pauses->runs as [, $to]) {
            $follows = $follows || abs($to - $window) <= self::BEFORE_PAUSE;
        }
        $pause = $this->recording->pauses->at($at, $follows ? self::BEFORE_PAUSE_AS_KNOWN : self::BEFORE_PAUSE);

        return $pause === null ? $at : (float) $pause[1];
    }

    /** @param list<float> $others */
    private function across(array $others, float $window): float
    {
        if ($others === []) {
            return 0.0;
        }
        $short = min(count($others) - 1.0, $this->known->short($window));
        $low = (int) floor($short);
        $high = min(count($others) - 1, $low + 1);

        return $this->recording->whole($others[$low] + ($short - $low) * ($others[$high] - $others[$low]));
    }

    /** @return list<int> */
    private static function evenly(int $rows, int $columns): array
    {
        $middles = [];
        for ($row = 0; $row < $rows; ++$row) {
            $middles[] = (int) round(($row * ($columns - 1)) / max(1, $rows - 1));
        }

        return $middles;
    }

    /** @return list<int> */
    private static function finer(Warping $rough, int $rows, int $by): array
    {
        $others = $rough->others();
        $middles = [];
        for ($row = 0; $row < $rows; ++$row) {
            $at = max(0.0, min(count($others) - 1.0, ($row - ($by - 1) / 2) / $by));
            $low = (int) floor($at);
            $high = min(count($others) - 1, $low + 1);
            $middle = $others[$low] + ($at - $low) * ($others[$high] - $others[$low]);
            $middles[] = (int) round($middle * $by + ($by - 1) / 2);
        }

        return $middles;
    }
}
