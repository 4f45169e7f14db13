<?php

declare(strict_types=1);

namespace Lupine\Core\Form\Tilted;

use Lupine\Core\Geometry\Laid;
use Lupine\Core\Geometry\Point;

/**
 * A plan seen from above and in front, with no perspective: depths become a part of themselves, heights another.
 *
 * Orthographic projection at the tilt t: a point of the plan (x, y) at the height z is seen at (x, y cos t − z sin t).
 */
final readonly class View
{
    /** what is left of depths */
    public float $flat;

    /** how high the sides are seen, in pixels */
    public float $rise;

    /**
     * @param Point $place where the middle of the solid is seen
     * @param float $tiltDegrees 0: from straight above
     * @param float $height of the solid, in pixels
     */
    public function __construct(private Point $place, float $tiltDegrees, float $height)
    {
        $this->flat = cos(deg2rad($tiltDegrees));
        $this->rise = $height * sin(deg2rad($tiltDegrees));
    }

    /** @param float $down 0 at the top, 1 at the foot */
    public function point(Point $plan, float $down = 0.0): Point
    {
        return new Point($this->place->x + $plan->x, $this->y($plan->y, $down));
    }

    public function y(float $planY, float $down = 0.0): float
    {
        return $this->place->y + $planY * $this->flat + $this->rise * ($down - 0.5);
    }

    /** A point of the plan whose top is seen there. */
    public function plan(Point $seen): Point
    {
        return new Point(
            $seen->x - $this->place->x,
            ($seen->y - $this->place->y + $this->rise / 2) / $this->flat,
        );
    }

    /**
     * An outline of the plan, as it lies at a height.
     *
     * @param float $down 0 at the top, 1 at the foot
     */
    public function laid(string $pathData, float $down = 0.0): string
    {
        return Laid::of($pathData, $this->flat, new Point($this->place->x, $this->y(0.0, $down)));
    }
}
