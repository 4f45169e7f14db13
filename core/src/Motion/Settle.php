<?php

declare(strict_types=1);

namespace Lupine\Core\Motion;

/** Runs past its end by a part of its way, and comes back within the last frames: at rest at the top and at the end. */
final readonly class Settle implements Curve
{
    /** @param float $back part of the time in which it comes back, 0 to 1 */
    private function __construct(private float $past, private float $back)
    {
    }

    /**
     * @param float $past by how much of its way it runs past, 0 to 1
     * @param int $back frames in which it comes back
     * @param int $frames of the whole move
     */
    public static function of(float $past, int $back, int $frames): self
    {
        return new self($past, max(0.0, min(0.9, $back / max(1, $frames))));
    }

    public function at(float $time): float
    {
        if ($time <= 0.0 || $time >= 1.0) {
            return $time <= 0.0 ? 0.0 : 1.0;
        }
        $top = 1.0 - $this->back;

        return $time < $top
            ? (1 + $this->past) * sin(((M_PI / 2) * $time) / $top)
            : 1 + ($this->past * (1 + cos((M_PI * ($time - $top)) / $this->back))) / 2;
    }
}
