<?php

declare(strict_types=1);

namespace Lupine\Core\Geometry;

/** A cubic Bézier curve. */
final readonly class Cubic
{
    /** Nodes and weights of the five-point Gauss–Legendre rule on −1 to 1. Source: Abramowitz, Stegun, table 25.4. */
    private const GAUSS = [
        [0.0, 0.5688888888888889],
        [0.5384693101056831, 0.47862867049936647],
        [-0.5384693101056831, 0.47862867049936647],
        [0.906179845938664, 0.23692688505618908],
        [-0.906179845938664, 0.23692688505618908],
    ];

    public function __construct(public Point $from, public Point $first, public Point $second, public Point $to)
    {
    }

    public static function line(Point $from, Point $to): self
    {
        $between = static fn (float $part): Point => new Point(
            $from->x + ($to->x - $from->x) * $part,
            $from->y + ($to->y - $from->y) * $part,
        );

        return new self($from, $between(1 / 3), $between(2 / 3), $to);
    }

    /** @param float $part 0 to 1 */
    public function at(float $part): Point
    {
        $rest = 1 - $part;
        [$a, $b, $c, $d] = [$rest ** 3, 3 * $rest ** 2 * $part, 3 * $rest * $part ** 2, $part ** 3];

        return new Point(
            $a * $this->from->x + $b * $this->first->x + $c * $this->second->x + $d * $this->to->x,
            $a * $this->from->y + $b * $this->first->y + $c * $this->second->y + $d * $this->to->y,
        );
    }

    /** Whether its controls lie on it in even steps, as those of a straight line do. */
    public function isLine(): bool
    {
        $line = self::line($this->from, $this->to);

        return $line->first->distanceTo($this->first) < 1e-9 && $line->second->distanceTo($this->second) < 1e-9;
    }

    /** Radians clockwise from the right. */
    public function headingAt(float $part): float
    {
        [$x, $y] = $this->speed($part);
        if (hypot($x, $y) < 1e-9) {
            // A control point on an end has no direction there; a little further in there is one.
            [$x, $y] = $this->speed($part < 0.5 ? $part + 1e-4 : $part - 1e-4);
        }

        return atan2($y, $x);
    }

    /** The length between two parts of it, in pixels, by Gauss–Legendre quadrature. */
    public function length(float $from = 0.0, float $to = 1.0): float
    {
        $length = 0.0;
        foreach (self::GAUSS as [$node, $weight]) {
            [$x, $y] = $this->speed(($to - $from) / 2 * $node + ($from + $to) / 2);
            $length += $weight * hypot($x, $y);
        }

        return ($length * ($to - $from)) / 2;
    }

    /** The area between it and the straight line from its beginning to its end, to the right of its way above 0. */
    public function area(): float
    {
        $area = 0.0;
        // Of the fifth degree, so that the rule is exact.
        foreach (self::GAUSS as [$node, $weight]) {
            $part = ($node + 1) / 2;
            [$x, $y] = $this->speed($part);
            $at = $this->at($part);
            $area += $weight * (($at->x - $this->from->x) * $y - ($at->y - $this->from->y) * $x);
        }

        return $area / 4;
    }

    /** @return array{float, float} */
    private function speed(float $part): array
    {
        $rest = 1 - $part;
        [$a, $b, $c] = [3 * $rest ** 2, 6 * $rest * $part, 3 * $part ** 2];

        return [
            $a * ($this->first->x - $this->from->x) + $b * ($this->second->x - $this->first->x)
                + $c * ($this->to->x - $this->second->x),
            $a * ($this->first->y - $this->from->y) + $b * ($this->second->y - $this->first->y)
                + $c * ($this->to->y - $this->second->y),
        ];
    }
}
