<?php

declare(strict_types=1);

namespace Lupine\Core\Form\Line;

use Lupine\Core\Geometry\Point;

/**
 * The stretch of a line that leads to one figure, in pixels of the stage: from the one before it, or, stepped, level
 * through its own place.
 *
 * Smooth stretches are cubic, their ends in directions that keep them between their figures. Source: Steffen, “A
 * simple method for monotonic interpolation in one dimension”, Astronomy and Astrophysics 239 (1990); checked against
 * d3-shape.
 */
final readonly class Stretch
{
    /** straight pieces that a smooth stretch is drawn with */
    private const PIECES = 24;

    /**
     * @param float $fromSlope and the other: pixels down for each pixel to the right
     * @param bool $isFirst whether no figure stands before it: then it is a point, or begins level
     */
    private function __construct(
        public Point $from,
        public Point $to,
        private float $fromSlope,
        private float $toSlope,
        private bool $isCubic,
        public bool $isStepped,
        public bool $isFirst,
    ) {
    }

    public static function straight(Point $from, Point $to): self
    {
        return new self($from, $to, 0.0, 0.0, false, false, false);
    }

    /**
     * All stretches of one series.
     *
     * @param list<Point|null> $points one for each figure; null where there is a gap
     * @param float $band from figure to figure, in pixels
     *
     * @return list<self|null>
     */
    public static function all(array $points, string $curve, float $band): array
    {
        $stretches = [];
        foreach ($points as $index => $point) {
            $before = $points[$index - 1] ?? null;
            if ($point === null) {
                $stretches[] = null;
            } elseif ($curve === 'stepped') {
                $stretches[] = new self(
                    new Point($point->x - $band / 2, $before->y ?? $point->y),
                    new Point($point->x + $band / 2, $point->y),
                    0.0,
                    0.0,
                    false,
                    true,
                    $before === null,
                );
            } else {
                $isCubic = $curve === 'smooth' && $before !== null;
                $stretches[] = new self(
                    $before ?? $point,
                    $point,
                    $isCubic ? self::slope($points, $index - 1) : 0.0,
                    $isCubic ? self::slope($points, $index) : 0.0,
                    $isCubic,
                    false,
                    $before === null,
                );
            }
        }

        return $stretches;
    }

    /** How far down it is, so far along to the right: 0 at its beginning, 1 at its end. */
    public function at(float $part): Point
    {
        if ($this->isStepped) {
            return new Point($this->from->x + ($this->to->x - $this->from->x) * $part, $this->to->y);
        }
        $x = $this->from->x + ($this->to->x - $this->from->x) * $part;
        if (!$this->isCubic) {
            return new Point($x, $this->from->y + ($this->to->y - $this->from->y) * $part);
        }
        // Its handles stand a third of its width from its ends, so that x runs evenly.
        $third = ($this->to->x - $this->from->x) / 3;
        $first = $this->from->y + $this->fromSlope * $third;
        $second = $this->to->y - $this->toSlope * $third;
        $rest = 1 - $part;
        $y = $rest ** 3 * $this->from->y + 3 * $rest ** 2 * $part * $first
            + 3 * $rest * $part ** 2 * $second + $part ** 3 * $this->to->y;

        return new Point($x, $y);
    }

    /**
     * The parts at which its course has corners when it is drawn with straight pieces: the same for every series.
     *
     * @return list<float> rising, from the first to the last that is drawn
     */
    public function parts(float $from, float $to): array
    {
        $parts = [$from];
        for ($piece = (int) floor($from * self::PIECES) + 1; $this->isCubic && $piece / self::PIECES < $to; ++$piece) {
            $parts[] = $piece / self::PIECES;
        }
        $parts[] = $to;

        return $parts;
    }

    /** @return list<Point> the corners of its course */
    public function points(float $from, float $to): array
    {
        return array_map($this->at(...), $this->parts($from, $to));
    }

    /** Which way it goes there, in degrees clockwise from the right. */
    public function degreesAt(float $part): float
    {
        return rad2deg(atan($this->slopeAt($part)));
    }

    private function slopeAt(float $part): float
    {
        $width = $this->to->x - $this->from->x;
        if ($width <= 0 || $this->isStepped) {
            return 0.0;
        }
        $secant = ($this->to->y - $this->from->y) / $width;
        if (!$this->isCubic) {
            return $secant;
        }
        $third = $width / 3;
        $first = $this->from->y + $this->fromSlope * $third;
        $second = $this->to->y - $this->toSlope * $third;
        $rest = 1 - $part;

        return 3 * ($rest ** 2 * ($first - $this->from->y) + 2 * $rest * $part * ($second - $first)
            + $part ** 2 * ($this->to->y - $second)) / $width;
    }

    /**
     * The slope of a smooth line at one of its figures.
     *
     * @param list<Point|null> $points
     */
    private static function slope(array $points, int $index): float
    {
        [$before, $here, $after] = [$points[$index - 1] ?? null, $points[$index], $points[$index + 1] ?? null];
        \assert($here !== null);
        if ($before === null && $after === null) {
            return 0.0;
        }
        if ($before === null || $after === null) {
            return self::slopeOfEnd($points, $index, $before === null ? 1 : -1);
        }

        return self::inside($before, $here, $after);
    }

    private static function inside(Point $before, Point $here, Point $after): float
    {
        [$left, $right] = [$here->x - $before->x, $after->x - $here->x];
        [$first, $second] = [($here->y - $before->y) / $left, ($after->y - $here->y) / $right];
        $mean = ($first * $right + $second * $left) / ($left + $right);

        return (($first <=> 0.0) + ($second <=> 0.0)) * min(abs($first), abs($second), 0.5 * abs($mean));
    }

    /**
     * At an end: from its stretch and the slope at the other side of it.
     *
     * @param list<Point|null> $points
     */
    private static function slopeOfEnd(array $points, int $index, int $toward): float
    {
        $here = $points[$index];
        [$next, $far] = [$points[$index + $toward] ?? null, $points[$index + 2 * $toward] ?? null];
        if ($here === null || $next === null) {
            return 0.0;
        }
        $secant = ($next->y - $here->y) / ($next->x - $here->x);
        if ($far === null) {
            return $secant;
        }
        $other = $toward > 0 ? self::inside($here, $next, $far) : self::inside($far, $next, $here);

        return (3 * $secant - $other) / 2;
    }
}
