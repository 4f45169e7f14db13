<?php

declare(strict_types=1);

namespace Lupine\Core\Drawing;

/** A gradient along a line, in pixels of the stage. */
final readonly class LinearPaint implements Paint
{
    /** @param list<array{float, string, float}> $stops place 0 to 1, colour, opacity */
    public function __construct(
        public float $x,
        public float $y,
        public float $toX,
        public float $toY,
        public array $stops,
    ) {
    }

    public function description(): array
    {
        return [
            'kind' => 'linear',
            'x' => $this->x,
            'y' => $this->y,
            'toX' => $this->toX,
            'toY' => $this->toY,
            'stops' => $this->stops,
        ];
    }
}
