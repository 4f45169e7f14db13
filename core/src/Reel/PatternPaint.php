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
        /** whether it moves by itself, so that no picture of it is worth keeping */
        public bool $isDrifting = false,
        #[OneOf('pattern')]
        public string $kind = 'pattern',
    ) {
    }

    /** The same, moved across its own lines. */
    public function gone(float $pixels): self
    {
        return new self(
            $this->x + $pixels * cos(deg2rad($this->degrees)),
            $this->y + $pixels * sin(deg2rad($this->degrees)),
            $this->size,
            $this->degrees,
            $this->outline,
            $this->colour,
            $this->reach,
            $this->isDrifting,
        );
    }

    /**
     * All tiles that are needed as one large tile: browsers paint small ones as pictures, which blurs them where they
     * are turned.
     */
    public function svg(string $id, int $width, int $height): string
    {
        $count = (int) ceil(($this->reach * M_SQRT2) / $this->size) + 1;
        $places = array_map(
            fn (int $place): string => Decimal::of($place * $this->size),
            range(-$count, $count - 1),
        );
        $row = implode('', array_map(
            static fn (string $x): string => sprintf('<use href="#%s-t" x="%s"/>', $id, $x),
            $places,
        ));
        $rows = implode('', array_map(
            static fn (string $y): string => sprintf('<use href="#%s-r" y="%s"/>', $id, $y),
            $places,
        ));
        $reach = ceil($this->reach) + 1;

        return sprintf(
            '<path id="%1$s-t" d="%2$s" fill="%3$s"/><g id="%1$s-r">%4$s</g>'
                .'<pattern id="%1$s" patternUnits="userSpaceOnUse" x="%5$s" y="%6$s" width="%7$s" height="%7$s">'
                .'<g transform="translate(%8$s %9$s) rotate(%10$s)">%11$s</g></pattern>',
            $id,
            $this->outline,
            $this->colour,
            $row,
            Decimal::of(floor($this->x) - $reach),
            Decimal::of(floor($this->y) - $reach),
            Decimal::of(2 * $reach + 1),
            Decimal::of($this->x - floor($this->x) + $reach),
            Decimal::of($this->y - floor($this->y) + $reach),
            Decimal::of($this->degrees),
            $rows,
        );
    }
}
