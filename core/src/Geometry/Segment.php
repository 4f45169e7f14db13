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

    /** @return non-empty-list<Point> its ends, and where it stands out furthest to any side between them */
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

    /** Where one is after a part of its way, from 0 to 1; of an ellipse, of its angle. */
    public function along(float $part): Point
    {
        if ($this->centre === null) {
            return new Point(
                $this->from->x + ($this->to->x - $this->from->x) * $part,
                $this->from->y + ($this->to->y - $this->from->y) * $part,
            );
        }
        $begin = atan2(($this->from->y - $this->centre->y) / $this->ratio, $this->from->x - $this->centre->x);
        $angle = $begin + $this->sweep * $part;

        return new Point(
            $this->centre->x + $this->radius * cos($angle),
            $this->centre->y + $this->radius * $this->ratio * sin($angle),
        );
    }

    /** The box that holds it. */
    public function box(): Box
    {
        $xs = array_map(static fn (Point $point): float => $point->x, $this->furthestPoints());
        $ys = array_map(static fn (Point $point): float => $point->y, $this->furthestPoints());
        [$left, $top] = [min($xs), min($ys)];

        return new Box($left, $top, max($xs) - $left, max($ys) - $top);
    }

    /** The same way back. */
    public function reversed(): self
    {
        return new self(
            $this->to,
            $this->from,
            $this->centre,
            $this->radius,
            -$this->sweep,
            $this->length,
            $this->ratio,
        );
    }

    /** The same at a distance to its right hand; null where an arc has no radius left. */
    public function movedInside(float $distance): ?self
    {
        if ($this->centre === null) {
            $across = (-($this->to->y - $this->from->y) / $this->length) * $distance;
            $down = (($this->to->x - $this->from->x) / $this->length) * $distance;

            return self::line(
                new Point($this->from->x + $across, $this->from->y + $down),
                new Point($this->to->x + $across, $this->to->y + $down),
            );
        }
        $radius = $this->sweep > 0 ? $this->radius - $distance : $this->radius + $distance;
        if ($radius < 1e-6) {
            return null;
        }
        $centre = $this->centre;
        $part = $radius / $this->radius;
        $end = static fn (Point $at): Point => new Point(
            $centre->x + ($at->x - $centre->x) * $part,
            $centre->y + ($at->y - $centre->y) * $part,
        );

        return new self(
            $end($this->from),
            $end($this->to),
            $centre,
            $radius,
            $this->sweep,
            abs($this->sweep) * $radius,
        );
    }

    /** Where its line or circle crosses that of another, as near to a point as it does; null where they do not. */
    public function meeting(self $other, Point $near): ?Point
    {
        $found = match (true) {
            $this->centre === null && $other->centre === null => self::linesMeeting($this, $other),
            $this->centre === null => self::lineMeeting($this, $other),
            $other->centre === null => self::lineMeeting($other, $this),
            default => self::circlesMeeting($this, $other),
        };
        usort($found, static fn (Point $a, Point $b): int => $a->distanceTo($near) <=> $b->distanceTo($near));

        return $found[0] ?? null;
    }

    /** The same line or circle from one point of it to another; null where that would be backwards. */
    public function between(Point $from, Point $to): ?self
    {
        if ($this->centre === null) {
            $way = ($to->x - $from->x) * ($this->to->x - $this->from->x)
                + ($to->y - $from->y) * ($this->to->y - $this->from->y);

            return $way < 0 ? null : self::line($from, $to);
        }
        $centre = $this->centre;
        $angle = static fn (Point $at): float => atan2($at->y - $centre->y, $at->x - $centre->x);
        $nearest = static fn (float $one, float $to): float => $one + 2 * M_PI * round(($to - $one) / (2 * M_PI));
        $begin = $nearest($angle($from), $angle($this->from));
        $end = $nearest($angle($to), $angle($this->from) + $this->sweep);
        $sweep = $end - $begin;

        return $sweep * $this->sweep < 0 ? null : new self(
            $from,
            $to,
            $centre,
            $this->radius,
            $sweep,
            abs($sweep) * $this->radius,
        );
    }

    /** @return list<Point> */
    private static function linesMeeting(self $one, self $other): array
    {
        [$ax, $ay] = [$one->to->x - $one->from->x, $one->to->y - $one->from->y];
        [$bx, $by] = [$other->to->x - $other->from->x, $other->to->y - $other->from->y];
        $cross = $ax * $by - $ay * $bx;
        if (abs($cross) < 1e-9) {
            return [];
        }
        $part = (($other->from->x - $one->from->x) * $by - ($other->from->y - $one->from->y) * $bx) / $cross;

        return [new Point($one->from->x + $ax * $part, $one->from->y + $ay * $part)];
    }

    /** @return list<Point> */
    private static function lineMeeting(self $line, self $arc): array
    {
        $centre = $arc->centre ?? $arc->from;
        [$x, $y] = [$line->to->x - $line->from->x, $line->to->y - $line->from->y];
        [$offX, $offY] = [$line->from->x - $centre->x, $line->from->y - $centre->y];
        $square = max(1e-18, $x ** 2 + $y ** 2);
        $half = ($offX * $x + $offY * $y) / $square;
        $under = $half ** 2 - ($offX ** 2 + $offY ** 2 - $arc->radius ** 2) / $square;
        if ($under < 0) {
            return [];
        }

        return array_map(
            static fn (float $root): Point => new Point(
                $line->from->x + $x * ($root - $half),
                $line->from->y + $y * ($root - $half),
            ),
            [sqrt($under), -sqrt($under)],
        );
    }

    /** @return list<Point> */
    private static function circlesMeeting(self $one, self $other): array
    {
        [$first, $second] = [$one->centre ?? $one->from, $other->centre ?? $other->from];
        $apart = $first->distanceTo($second);
        if ($apart < 1e-9) {
            return [];
        }
        [$x, $y] = [($second->x - $first->x) / $apart, ($second->y - $first->y) / $apart];
        $along = ($one->radius ** 2 - $other->radius ** 2 + $apart ** 2) / (2 * $apart);
        $under = $one->radius ** 2 - $along ** 2;
        if ($under < 0) {
            return [];
        }

        return array_map(
            static fn (float $off): Point => new Point(
                $first->x + $x * $along - $y * $off,
                $first->y + $y * $along + $x * $off,
            ),
            [sqrt($under), -sqrt($under)],
        );
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
