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
    private function __construct(private int $frames, private float $rate)
    {
    }

    public static function of(Stage $stage): self
    {
        return new self($stage->frames, FrameRate::ofStage($stage)->perSecond());
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
        $rounds = $this->rounds(abs($speed) / $period);
        $way = $speed < 0 ? $period : -$period;

        return Track::of(
            range($range->from, $range->to),
            fn (int $frame): float => round($way * fmod(($rounds * $frame) / $this->frames, 1.0), 4),
        );
    }

    /**
     * How much of a thing is left that comes and goes like breath: 1 at its fullest.
     *
     * @param float $depth 0 to 1, how much of it goes
     * @param float $seconds of one breath
     *
     * @return Track<float>
     */
    public function breath(float $depth, float $seconds, FrameRange $range): Track
    {
        $rounds = $this->rounds(1 / $seconds);

        return Track::of(
            range($range->from, $range->to),
            fn (int $frame): float => round(
                1.0 - $depth * (0.5 - 0.5 * cos((2 * M_PI * $rounds * $frame) / $this->frames)),
                4,
            ),
        );
    }

    /** @return int the nearest whole number of rounds that fit into the piece, at least 1 */
    private function rounds(float $aSecond): int
    {
        return max(1, (int) round(($aSecond * $this->frames) / $this->rate));
    }
}
