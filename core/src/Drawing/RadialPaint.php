<?php

declare(strict_types=1);

namespace Lupine\Core\Drawing;

/** A gradient from a middle outwards, in pixels of the stage. */
final readonly class RadialPaint implements Paint
{
    /** @param list<array{float, string, float}> $stops place 0 to 1, colour, opacity */
    public function __construct(
        public float $x,
        public float $y,
        public float $radius,
        public array $stops,
        public float $stretch = 1.0,
    ) {
    }

    public function description(): array
    {
        return [
            'kind' => 'radial',
            'x' => $this->x,
            'y' => $this->y,
            'radius' => $this->radius,
            'stretch' => $this->stretch,
            'stops' => $this->stops,
        ];
    }
}
