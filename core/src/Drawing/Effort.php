<?php

declare(strict_types=1);

namespace Lupine\Core\Drawing;

use Lupine\Core\Motion\FrameRange;
use Lupine\Core\Motion\Moves;
use Lupine\Core\Piece\Chart;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Script\Beats;
use Lupine\Core\Story\ChartTiming;

/**
 * What a piece costs to draw: its moving marks × the frames on which they move. It is known before anything is drawn.
 *
 * Measured: a thousand of them take 15 to 25 ms and 0.14 MB of reel.
 */
final readonly class Effort
{
    /** up to here a piece is computed whole with every edit; beyond, around the playhead */
    public const AT_HAND = 3_000;

    /** up to here it is computed whole while nobody edits it; beyond, around the playhead */
    public const AT_ONCE = 15_000;

    /** up to here a piece is proved while somebody waits */
    public const PROVED_AT_ONCE = 100_000;

    /** the most that a film, a whole reel or a proof can have */
    public const MOST = 250_000;

    /** marks × moments of a shutter of one part of a film */
    public const FILMED_AT_ONCE = 100_000;

    /** the same where somebody waits to see it */
    public const SEEN_AT_ONCE = 20_000;

    /** frames before and after the playhead that are computed where a piece is large */
    private const BEFORE = 90;
    private const AFTER = 180;

    /** @param list<\Closure(FrameRange): int> $movers */
    private function __construct(private array $movers, private int $marks, private int $frames)
    {
    }

    /** @param array<string, ChartTiming> $timings by chart id */
    public static function of(Piece $piece, array $timings): self
    {
        $moves = new Moves($piece, new Beats($piece));
        $movers = [];
        $marks = 0;
        foreach ($timings as $timing) {
            $movers[] = $timing->effort(...);
            $marks += count($timing->moves);
        }
        foreach ($piece->charts as $chart) {
            $looping = self::looping($chart, array_keys($timings[$chart->id]->moves ?? []));
            if ($looping > 0) {
                $movers[] = static fn (FrameRange $range): int => $looping * $range->count();
            }
        }
        foreach ($piece->words as $words) {
            $movers[] = $moves->ofThing($words->id)->movingFrames(...);
        }
        foreach ($piece->panels as $panel) {
            $movers[] = $panel->coats->isLooping()
                ? static fn (FrameRange $range): int => $range->count()
                : $moves->ofThing($panel->id)->movingFrames(...);
        }

        return new self($movers, $marks, $piece->stage->frames);
    }

    /**
     * @param list<string|int> $figures
     *
     * @return int how many marks have something that goes round on every frame
     */
    private static function looping(Chart $chart, array $figures): int
    {
        $looping = 0;
        foreach ($figures as $figure) {
            $looping += $chart->coatsOf((string) $figure)->isLooping() ? 1 : 0;
        }

        return $looping;
    }

    public function within(FrameRange $range): int
    {
        return array_sum(array_map(static fn (\Closure $mover): int => $mover($range), $this->movers));
    }

    public function whole(): int
    {
        return $this->within(FrameRange::within($this->frames));
    }

    /**
     * The whole piece where that is little; else the frames around one of them that are within reach.
     *
     * @param int $most AT_HAND or AT_ONCE
     */
    public function rangeAround(int $frame, int $most = self::AT_ONCE): FrameRange
    {
        $whole = FrameRange::within($this->frames);
        if ($this->within($whole) <= $most) {
            return $whole;
        }
        $frame = max(0, min($frame, $this->frames - 1));
        for ($part = 1.0;; $part *= 0.8) {
            $before = (int) (self::BEFORE * $part);
            $after = (int) (self::AFTER * $part);
            $range = FrameRange::within($this->frames, $frame - $before, $frame + $after);
            if ($after === 0 || $this->within($range) <= $most) {
                return $range;
            }
        }
    }

    /**
     * The beginning of a range that is not too much, at least its first frame.
     *
     * @param int $samples moments of each frame
     * @param int $most FILMED_AT_ONCE or SEEN_AT_ONCE
     */
    public function partOf(FrameRange $range, int $samples, int $most): FrameRange
    {
        while ($range->count() > 1 && $this->within($range) * $samples > $most) {
            $last = $range->from + intdiv($range->count(), 2) - 1;
            $range = FrameRange::within($this->frames, $range->from, $last);
        }

        return $range;
    }

    /**
     * @param int $most one of the limits above
     *
     * @throws TooMuch
     */
    public function check(int $most): void
    {
        $whole = $this->whole();
        if ($whole > $most) {
            throw TooMuch::of($whole, $this->marks, $most);
        }
    }
}
