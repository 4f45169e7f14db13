<?php

declare(strict_types=1);

namespace Lupine\Core\Motion;

/**
 * What the whole numbers stand for that a drawing is computed on: frames, or the moments within frames at which a
 * shutter that stays open takes what moves.
 *
 * With a shutter each frame has an odd number of moments, evenly apart and as many before the frame's own time as
 * after it; the middle one is the frame itself. Moments are counted through the piece: those of frame f are
 * f × samples to f × samples + samples − 1. A shutter of 360 degrees is open from halfway to the frame before until
 * halfway to the next frame (common practice, no source).
 */
final readonly class Clock
{
    /**
     * Without arguments each frame has one moment: its own time.
     *
     * @param int $samples moments of one frame, odd
     * @param float $open part of a frame's time for which the shutter is open, 0 to 1
     */
    public function __construct(public int $samples = 1, private float $open = 0.0)
    {
    }

    /**
     * @param float $angle of the shutter, in degrees: 360 is open all the time
     * @param int $samples moments of one frame, odd, at least 5
     */
    public static function ofShutter(float $angle, int $samples): self
    {
        if ($samples % 2 === 0 || $samples < 5 || $angle <= 0 || $angle > 360) {
            throw new BadTime('A shutter has an angle of up to 360 degrees, and takes an odd number of samples from 5.');
        }

        return new self($samples, $angle / 360);
    }

    /** The moment that is a frame's own time. */
    public function of(int $frame): int
    {
        return $frame * $this->samples + intdiv($this->samples, 2);
    }

    /** The frame that a moment belongs to. */
    public function frameOf(int $moment): int
    {
        return intdiv($moment, $this->samples);
    }

    /** When a moment is, in frames. */
    public function at(int $moment): float
    {
        if ($this->samples === 1) {
            return (float) $moment;
        }
        $frame = intdiv($moment, $this->samples);

        return $frame + (($moment - $this->of($frame)) * $this->open) / $this->samples;
    }

    /** All moments of a range of frames. */
    public function range(FrameRange $frames): FrameRange
    {
        return $frames->times($this->samples);
    }

    /** How many moments so many frames have. */
    public function count(int $frames): int
    {
        return $frames * $this->samples;
    }
}
