<?php

declare(strict_types=1);

namespace Lupine\Core\Geometry;

/** One stretch of an outline that has been read back: a straight line or a circular arc. */
final readonly class Segment
{
    private function __construct(
        public Point $from,
        public Point $to,
        public ?Point $centre,
        public float $radius,
        /** signed, in radians; positive is clockwise on the stage */
        public float $sweep,
        /** pixels */
        public float $length,
    ) {
    }

    public static function line(Point $from, Point $to): self
    {
        return new self($from, $to, null, 0.0, 0.0, $from->distanceTo($to));
    }

    /**
     * A circular arc given by its end points, as in SVG path data.
     *
     * Source: SVG 1.1, implementation notes F.6.5, conversion from endpoint to centre parameterization.
     */
    public static function arc(Point $from, Point $to, float $radius, bool $large, bool $clockwise): self
    {
        $x = ($from->x - $to->x) / 2;
        $y = ($from->y - $to->y) / 2;
        $radius = max($radius, hypot($x, $y));
        $square = $x ** 2 + $y ** 2;
        $factor = $square > 0 ? sqrt(max(0.0, ($radius ** 2 - $square) / $square)) : 0.0;
        $factor = $large === $clockwise ? -$factor : $factor;
        $centre = new Point(($from->x + $to->x) / 2 + $factor * $y, ($from->y + $to->y) / 2 - $factor * $x);
        $sweep = atan2($to->y - $centre->y, $to->x - $centre->x) - atan2($from->y - $centre->y, $from->x - $centre->x);
        if ($clockwise && $sweep < 0) {
            $sweep += 2 * M_PI;
        } elseif (!$clockwise && $sweep > 0) {
            $sweep -= 2 * M_PI;
        }

        return new self($from, $to, $centre, $radius, $sweep, abs($sweep) * $radius);
    }

    public function isArc(): bool
    {
        return $this->centre !== null;
    }

    /** @return list<Point> its ends, and where it stands out furthest to any side between them */
    public function furthestPoints(): array
    {
        $points = [$this->from, $this->to];
        if ($this->centre === null) {
            return $points;
        }
        $begin = atan2($this->from->y - $this->centre->y, $this->from->x - $this->centre->x);
        [$low, $high] = [min($begin, $begin + $this->sweep), max($begin, $begin + $this->sweep)];
        for ($quarter = (int) ceil($low / (M_PI / 2)); $quarter * M_PI / 2 <= $high; ++$quarter) {
            $angle = $quarter * M_PI / 2;
            $points[] = new Point(
                $this->centre->x + $this->radius * cos($angle),
                $this->centre->y + $this->radius * sin($angle),
            );
        }

        return $points;
    }

    /** This stretch's part of the signed area: ½∮(x dy − y dx), Green's theorem. */
    public function areaPart(): float
    {
        $chord = ($this->from->x * $this->to->y - $this->to->x * $this->from->y) / 2;

        return $this->isArc() ? $chord + ($this->radius ** 2 * ($this->sweep - sin($this->sweep))) / 2 : $chord;
    }
}
