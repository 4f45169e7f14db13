<?php

declare(strict_types=1);

namespace Lupine\Core\Geometry;

/** A point of the stage, in pixels from its top left. */
final readonly class Point
{
    public function __construct(public float $x, public float $y)
    {
    }

    /**
     * The point at a distance and a direction from this one.
     *
     * @param float $degrees clockwise from 12 o'clock
     */
    public function towards(float $degrees, float $distance): self
    {
        $radians = deg2rad($degrees);

        return new self($this->x + $distance * sin($radians), $this->y - $distance * cos($radians));
    }

    public function distanceTo(self $other): float
    {
        return hypot($other->x - $this->x, $other->y - $this->y);
    }
}
