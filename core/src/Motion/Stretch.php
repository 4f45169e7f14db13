<?php

declare(strict_types=1);

namespace Lupine\Core\Motion;

/** What of one course, which goes over several things, is that of one of them. */
final readonly class Stretch implements Curve
{
    /**
     * @param Curve $whole the course over all of them
     * @param float $begin 0 to 1, and the end: the time of the course in which it passes this one
     * @param float $from 0 to 1, and the other: where this one lies on its way
     */
    public function __construct(
        private Curve $whole,
        private float $begin,
        private float $end,
        private float $from,
        private float $to,
    ) {
    }

    public function at(float $time): float
    {
        if ($time >= 1.0 || $this->to <= $this->from) {
            return $time > 0.0 ? 1.0 : 0.0;
        }
        $reached = $this->whole->at($this->begin + ($this->end - $this->begin) * $time);

        $part = ($reached - $this->from) / ($this->to - $this->from);

        // Only what is last has nothing after it: whether it may run past its figure is for others to say.
        return max(0.0, $this->to < 1.0 ? min(1.0, $part) : $part);
    }
}
