<?php

declare(strict_types=1);

namespace Lupine\Core\Motion;

/**
 * Falls onto its end and bounces there: each time as high as a part of the time before, as a ball does whose bounces
 * last as the square roots of their heights (common practice; with 3 bounces of a quarter it is d3-ease's bounce).
 */
final readonly class Bounce implements Curve
{
    /** the time of the first fall, of 1 */
    private float $fall;

    private function __construct(private int $times, private float $height)
    {
        $all = 1.0;
        for ($bounce = 1; $bounce <= $times; ++$bounce) {
            $all += 2 * sqrt($height) ** $bounce;
        }
        $this->fall = 1 / $all;
    }

    /**
     * @param int $times 1 to 8
     * @param float $height of each bounce against the one before, 0.02 to 0.9
     */
    public static function of(int $times, float $height): self
    {
        return new self(max(1, min(8, $times)), max(0.02, min(0.9, $height)));
    }

    public function at(float $time): float
    {
        if ($time <= 0.0 || $time >= 1.0) {
            return $time <= 0.0 ? 0.0 : 1.0;
        }
        if ($time < $this->fall) {
            return ($time / $this->fall) ** 2;
        }
        $begin = $this->fall;
        for ($bounce = 1; $bounce <= $this->times; ++$bounce) {
            $half = $this->fall * sqrt($this->height) ** $bounce;
            if ($time < $begin + 2 * $half || $bounce === $this->times) {
                return 1 - $this->height ** $bounce * (1 - (($time - $begin - $half) / $half) ** 2);
            }
            $begin += 2 * $half;
        }

        return 1.0;
    }
}
