<?php

declare(strict_types=1);

namespace Lupine\Core\Form;

use Lupine\Core\Geometry\Point;

/** The point of a mark at which a line to words beside it begins, and the direction from it outward, of length 1. */
final readonly class Rim
{
    /** @param float|null $through how far it is to the opposite edge of the mark, in pixels; null where it has none */
    public function __construct(
        public Point $at,
        public float $x,
        public float $y,
        public ?float $through = null,
    ) {
    }

    /** The one that looks toward a point, where the mark has two. */
    public function toward(Point $point): self
    {
        $ahead = ($point->x - $this->at->x) * $this->x + ($point->y - $this->at->y) * $this->y;

        return $this->through === null || $ahead >= -$this->through / 2
            ? $this
            : new self($this->out(-$this->through), -$this->x, -$this->y, $this->through);
    }

    /** The point so far out from it, in pixels. */
    public function out(float $distance): Point
    {
        return new Point($this->at->x + $this->x * $distance, $this->at->y + $this->y * $distance);
    }
}
