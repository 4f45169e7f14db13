<?php

declare(strict_types=1);

namespace Lupine\Core\Motion;

/** Values by the frame from which on each holds. */
final readonly class Steps
{
    /** @var list<int> */
    public array $frames;

    /** @param array<int, string|float> $values by frame, rising */
    public function __construct(private array $values)
    {
        $this->frames = array_keys($values);
    }

    public function at(int $frame): string|float
    {
        return $this->values[$this->since($frame)];
    }

    /** The frame since which the value has been what it is on this one. */
    public function since(int $frame): int
    {
        if (isset($this->values[$frame])) {
            return $frame;
        }
        $low = 0;
        $high = count($this->frames) - 1;
        while ($low < $high) {
            $middle = ($low + $high + 1) >> 1;
            if ($this->frames[$middle] <= $frame) {
                $low = $middle;
            } else {
                $high = $middle - 1;
            }
        }

        return $this->frames[$low];
    }
}
