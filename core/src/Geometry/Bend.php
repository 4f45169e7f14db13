<?php

declare(strict_types=1);

namespace Lupine\Core\Geometry;

/** A stretch of a circle about a point, in the direction in which it is gone along. */
final readonly class Bend
{
    /** radius of what is as good as straight, in pixels: over a stage it bends by less than the width of a line */
    private const FAR = 300_000.0;

    private const STRAIGHT = 1 / self::FAR;

    /**
     * @param float $radius in pixels
     * @param float $fromDegrees clockwise from 12 o’clock
     * @param float $toDegrees less than that where it runs anticlockwise
     */
    public function __construct(
        public Point $centre,
        public float $radius,
        public float $fromDegrees,
        public float $toDegrees,
    ) {
    }

    /**
     * @param float $heading in radians clockwise from the right
     * @param float $length in pixels
     * @param float $curvature in radians a pixel, clockwise above zero
     */
    public static function heading(Point $start, float $heading, float $length, float $curvature): self
    {
        $bent = abs($curvature) < self::STRAIGHT ? self::STRAIGHT : $curvature;
        // Seen from its centre, what heads to the right clockwise is at 12 o’clock.
        $from = rad2deg($heading) + ($bent > 0 ? 0.0 : 180.0);

        return new self(
            new Point($start->x - sin($heading) / $bent, $start->y + cos($heading) / $bent),
            1 / abs($bent),
            $from,
            $from + rad2deg($length * $bent),
        );
    }

    public static function straight(Point $from, Point $to): self
    {
        return self::heading($from, atan2($to->y - $from->y, $to->x - $from->x), $from->distanceTo($to), 0.0);
    }

    public function length(): float
    {
        return $this->radius * abs(deg2rad($this->toDegrees - $this->fromDegrees));
    }
}
