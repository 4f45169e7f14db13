<?php

declare(strict_types=1);

namespace Lupine\Core\Motion;

use Lupine\Core\Piece\Stage;

/**
 * What goes round by time, not by keys: it moves on every frame, and is at the end of the piece where it began, so that
 * a film that is played again and again does not jump. For that its pace is the nearest one that fits.
 */
final readonly class Loops
{
    private function __construct(private int $frames, private float $rate, private Clock $clock)
    {
    }

    public static function of(Stage $stage, Clock $clock = new Clock()): self
    {
        return new self($stage->frames, FrameRate::ofStage($stage)->perSecond(), $clock);
    }

    /**
     * How far dashes have gone along their line.
     *
     * @param float $speed pixels a second, below 0 against the line's way
     * @param float $period pixels of a dash and its gap
     *
     * @return Track<float>
     */
    public function march(float $speed, float $period, FrameRange $range): Track
    {
        $rounds = $this->rounds(((abs($speed) / $period) * $this->frames) / $this->rate);
        $way = $speed < 0 ? $period : -$period;

        return Track::of(
            range($range->from, $range->to),
            fn (int $moment): float => round(
                $way * fmod(($rounds * $this->clock->at($moment)) / $this->frames, 1.0),
                4,
            ),
        );
    }

    /**
     * How much of a round something has gone that goes round and round, from −1 to 1; 0 at the beginning of each.
     *
     * @param int $frames of one round, below 0 against the line's way
     *
     * @return Track<float>
     */
    public function laps(int $frames, FrameRange $range): Track
    {
        return Track::of(
            range($range->from, $range->to),
            fn (int $moment): float => round(
                ($frames <=> 0) * fmod($this->turns(abs($frames), $moment), 1.0),
                6,
            ),
        );
    }

    /**
     * How much of a thing is left that comes and goes like breath: 1 at its fullest.
     *
     * @param float $depth 0 to 1, how much of it goes
     * @param int $frames of one breath
     *
     * @return Track<float>
     */
    public function breath(float $depth, int $frames, FrameRange $range): Track
    {
        return Track::of(
            range($range->from, $range->to),
            fn (int $moment): float => round(
                1.0 - $depth * (0.5 - 0.5 * cos($this->angle($frames, $moment))),
                4,
            ),
        );
    }

    /**
     * How far a round has gone that takes about so many frames, in radians.
     */
    public function angle(int $frames, int $moment): float
    {
        return 2 * M_PI * $this->turns($frames, $moment);
    }

    private function turns(int $frames, int $moment): float
    {
        return ($this->rounds($this->frames / $frames) * $this->clock->at($moment)) / $this->frames;
    }

    /** @return int the nearest whole number of rounds that fit into the piece, at least 1 */
    private function rounds(float $wanted): int
    {
        return max(1, (int) round($wanted));
    }
}
