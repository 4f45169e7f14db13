<?php

declare(strict_types=1);

namespace Lupine\Core\Reel;

use Lupine\Core\Contract\OneOf;
use Lupine\Core\Geometry\Decimal;

/** A repeated shape in one colour; the space between stays open. */
final readonly class PatternPaint implements WovenPaint
{
    public function __construct(
        /** a point that a corner of a tile stands on, in pixels of the stage */
        public float $x,
        public float $y,
        /** side of a tile, in pixels */
        public float $size,
        /** turned clockwise about that point */
        public float $degrees,
        /** path data of one tile */
        public string $outline,
        public string $colour,
        /** how far from that point the pattern is needed, in pixels */
        public float $reach,
        #[OneOf('pattern')]
        public string $kind = 'pattern',
    ) {
    }

    public function svg(string $id, int $width, int $height): string
    {
        return sprintf(
            '<pattern id="%s" patternUnits="userSpaceOnUse" width="%s" height="%2$s" patternTransform="translate(%s %s) rotate(%s)">'
                .'<path d="%s" fill="%s"/></pattern>',
            $id,
            Decimal::of($this->size),
            Decimal::of($this->x),
            Decimal::of($this->y),
            Decimal::of($this->degrees),
            $this->outline,
            $this->colour,
        );
    }
}
