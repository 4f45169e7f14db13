<?php

declare(strict_types=1);

namespace Lupine\Core\Motion;

use Lupine\Core\Piece\Stage;

/** Frames a second, as a fraction: 30000/1001 is the rate that is called 29.97. */
final readonly class FrameRate
{
    private function __construct(public int $numerator, public int $denominator)
    {
    }

    public static function of(int $numerator, int $denominator = 1): self
    {
        if ($numerator < 1 || $denominator < 1) {
            throw new BadTime('A frame rate must be above zero.');
        }

        return new self($numerator, $denominator);
    }

    public static function ofStage(Stage $stage): self
    {
        return self::of($stage->rateNumerator, $stage->rateDenominator);
    }

    public function perSecond(): float
    {
        return $this->numerator / $this->denominator;
    }

    /** The whole number that timecode counts with: 30 for 29.97. */
    public function nominal(): int
    {
        return (int) round($this->perSecond());
    }

    public function framesIn(float $seconds): int
    {
        return (int) round(($seconds * $this->numerator) / $this->denominator);
    }

    public function secondsAt(int $frame): float
    {
        return ($frame * $this->denominator) / $this->numerator;
    }

    /** Drop-frame timecode exists at 29.97 and 59.94 frames a second only. */
    public function canDropFrames(): bool
    {
        return $this->denominator === 1001 && in_array($this->numerator, [30_000, 60_000], true);
    }
}
