<?php

declare(strict_types=1);

namespace Lupine\Core\Drawing;

/** A repeated shape in one colour; the space between stays open. */
final readonly class PatternPaint implements Paint
{
    public function __construct(
        /** a point that a corner of a tile stands on */
        public float $x,
        public float $y,
        public float $size,
        /** turned clockwise */
        public float $degrees,
        public string $outline,
        public string $colour,
        /** how far from x, y the pattern is needed, in pixels */
        public float $reach,
    ) {
    }

    public function description(): array
    {
        return [
            'kind' => 'pattern',
            'x' => $this->x,
            'y' => $this->y,
            'size' => $this->size,
            'degrees' => $this->degrees,
            'outline' => $this->outline,
            'colour' => $this->colour,
            'reach' => $this->reach,
        ];
    }
}
