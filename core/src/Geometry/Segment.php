<?php

declare(strict_types=1);

namespace Lupine\Core\Geometry;

/** One stretch of an outline that has been read back: a straight line or a circular arc. */
final readonly class Segment
{
    /** into which the length of an ellipse is divided */
    private const STEPS = 64;

    private function __construct(
        public Point $from,
        public Point $to,
        public ?Point $centre,
        public float $radius,
        /** signed, in radians; positive is clockwise on the stage */
        public float $sweep,
        /** pixels */
        public float $length,
        /** of an arc of an ellipse: its height to its width, whose half is the radius */
        public float $ratio = 1.0,
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

    /**
     * An arc of an ellipse that lies level: that of a circle, of whose heights it has a part.
     *
     * @param float $ratio above 0
     */
    public static function ellipse(
        Point $from,
        Point $to,
        float $radius,
        float $ratio,
        bool $large,
        bool $clockwise,
    ): self {
        $round = self::arc(
            new Point($from->x, $from->y / $ratio),
            new Point($to->x, $to->y / $ratio),
            $radius,
            $large,
            $clockwise,
        );
        $centre = $round->centre ?? $round->from;
        $begin = atan2($round->from->y - $centre->y, $round->from->x - $centre->x);
        // Simpson's rule over the length of the tangent.
        $length = 0.0;
        for ($step = 0; $step <= self::STEPS; ++$step) {
            $angle = $begin + ($round->sweep * $step) / self::STEPS;
            $weight = $step === 0 || $step === self::STEPS ? 1 : ($step % 2 === 1 ? 4 : 2);
            $length += $weight * hypot(sin($angle), $ratio * cos($angle));
        }

        return new self(
            $from,
            $to,
            new Point($centre->x, $centre->y * $ratio),
            $round->radius,
            $round->sweep,
            ($length * abs($round->sweep) * $round->radius) / (3 * self::STEPS),
            $ratio,
        );
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
        $begin = atan2(($this->from->y - $this->centre->y) / $this->ratio, $this->from->x - $this->centre->x);
        [$low, $high] = [min($begin, $begin + $this->sweep), max($begin, $begin + $this->sweep)];
        for ($quarter = (int) ceil($low / (M_PI / 2)); $quarter * M_PI / 2 <= $high; ++$quarter) {
            $angle = $quarter * M_PI / 2;
            $points[] = new Point(
                $this->centre->x + $this->radius * cos($angle),
                $this->centre->y + $this->radius * $this->ratio * sin($angle),
            );
        }

        return $points;
    }

    /** This stretch's part of the signed area: ½∮(x dy − y dx), Green's theorem. */
    public function areaPart(): float
    {
        $chord = ($this->from->x * $this->to->y - $this->to->x * $this->from->y) / 2;

        return $this->isArc()
            ? $chord + ($this->ratio * $this->radius ** 2 * ($this->sweep - sin($this->sweep))) / 2
            : $chord;
    }
}
