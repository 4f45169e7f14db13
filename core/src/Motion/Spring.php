<?php

declare(strict_types=1);

namespace Lupine\Core\Motion;

/**
 * A damped oscillator that is let go and comes to rest within the length of the move, exactly at its end.
 *
 * Source: the closed form of x'' + 2ζω x' + ω² (x − 1) = 0 from rest at 0 (any textbook of mechanics, from memory):
 * 1 − e^(−ζωt) (cos ω_d t + ζω/ω_d sin ω_d t) with ω_d = ω √(1 − ζ²), and 1 − e^(−ωt) (1 + ωt) where ζ is 1. ω is such
 * that a thousandth is left at the end; that thousandth is spread over the whole.
 */
final readonly class Spring implements Curve
{
    private const LEFT = 0.001;

    private float $rate;

    private float $rest;

    private function __construct(private float $damping)
    {
        $this->rate = -log(self::LEFT) / ($damping < 1.0 ? $damping : 0.75);
        $this->rest = 1.0 - $this->free(1.0);
    }

    /** @param float $damping 0.05 (swings for long) to 1 (comes to rest without passing its end) */
    public static function of(float $damping): self
    {
        return new self(max(0.05, min(1.0, $damping)));
    }

    public function at(float $time): float
    {
        if ($time <= 0.0 || $time >= 1.0) {
            return $time <= 0.0 ? 0.0 : 1.0;
        }

        return $this->free($time) + $this->rest * $time;
    }

    /** The oscillator by itself. */
    public function free(float $time): float
    {
        if ($this->damping >= 1.0) {
            return 1 - exp(-$this->rate * $time) * (1 + $this->rate * $time);
        }
        $damped = $this->rate * sqrt(1 - $this->damping ** 2);
        $fading = exp(-$this->damping * $this->rate * $time);

        return 1 - $fading * (cos($damped * $time) + ($this->damping * $this->rate / $damped) * sin($damped * $time));
    }

    /** How fast it swings, in radians over the length of the move. */
    public function rate(): float
    {
        return $this->rate;
    }
}
