<?php

declare(strict_types=1);

namespace Lupine\Core\Geometry;

/**
 * A curve as a chain of circular arcs and straight lines, each beginning in the direction in which the one before ends.
 *
 * Lengths along it are sums; a band of constant thickness along it has circular arcs for its sides; and its bends can
 * be taken out of it without changing its length.
 */
final class ArcChain
{
    private const STRAIGHT = 1e-6;

    /** @var non-empty-list<array{float, Point, float}> how far along each piece begins, where, and its heading */
    private readonly array $knots;

    private ?Box $box = null;

    /**
     * @param float $heading of its first piece, in radians clockwise from the right
     * @param list<array{float, float}> $pieces length in pixels, and curvature in radians a pixel, clockwise above zero
     */
    private function __construct(
        private readonly Point $start,
        private readonly float $heading,
        private readonly array $pieces,
        public readonly float $length,
    ) {
        $knots = [[0.0, $start, $heading]];
        [$along, $point, $direction] = $knots[0];
        foreach ($pieces as [$size, $curvature]) {
            [$point, $direction] = self::step($point, $direction, $size, $curvature);
            $along += $size;
            $knots[] = [$along, $point, $direction];
        }
        $this->knots = $knots;
    }

    /** @param list<array{float, float}> $pieces length in pixels and curvature in radians a pixel */
    public static function of(Point $start, float $heading, array $pieces): self
    {
        $pieces = array_values(array_filter($pieces, static fn (array $piece): bool => $piece[0] > 1e-9));

        return new self($start, $heading, $pieces, array_sum(array_column($pieces, 0)));
    }

    /**
     * A curve through points in given directions, by two arcs between each pair.
     *
     * @param list<array{Point, float}> $knots points and headings in radians
     */
    public static function through(array $knots): self
    {
        $pieces = [];
        for ($index = 1; $index < count($knots); ++$index) {
            array_push($pieces, ...Biarc::between($knots[$index - 1], $knots[$index]));
        }

        return self::of($knots[0][0], $knots[0][1], $pieces);
    }

    /**
     * With so much of every bend: 0 is straight and level, 1 is as it is. Its length stays. In between both its ends
     * bend away from what is level in the middle, as a sheet does, and it turns to how it is as its ends come around.
     */
    public function bent(float $part): self
    {
        $pieces = array_map(static fn (array $piece): array => [$piece[0], $piece[1] * $part], $this->pieces);
        $onward = -$part * ($this->meanHeading() - $this->heading);

        return new self(
            $this->start,
            (1 - $part) * $onward + $part * $this->heading,
            $pieces,
            $this->length,
        );
    }

    /** Where it heads on the whole, in radians clockwise from the right. */
    private function meanHeading(): float
    {
        $sum = 0.0;
        foreach ($this->pieces as $index => [$length, $curvature]) {
            $sum += $length * ($this->knots[$index][2] + ($curvature * $length) / 2);
        }

        return $this->length > 0 ? $sum / $this->length : $this->heading;
    }

    /** The same curve that many pixels to its left. */
    public function beside(float $distance): self
    {
        $pieces = [];
        foreach ($this->pieces as [$length, $curvature]) {
            // A curve cannot be moved inwards beyond its centre.
            $stretch = max(0.02, 1 + $curvature * $distance);
            $pieces[] = [$length * $stretch, $curvature / $stretch];
        }

        return self::of(self::leftOf($this->start, $this->heading, $distance), $this->heading, $pieces);
    }

    public function moved(float $x, float $y): self
    {
        $start = new Point($this->start->x + $x, $this->start->y + $y);

        return new self($start, $this->heading, $this->pieces, $this->length);
    }

    public function scaled(float $by): self
    {
        $pieces = array_map(static fn (array $piece): array => [$piece[0] * $by, $piece[1] / $by], $this->pieces);
        $start = new Point($this->start->x * $by, $this->start->y * $by);

        return new self($start, $this->heading, $pieces, $this->length * $by);
    }

    /** What its middle line lies in. */
    public function box(): Box
    {
        return $this->box ??= $this->bounds();
    }

    private function bounds(): Box
    {
        [$left, $top, $right, $bottom] = [INF, INF, -INF, -INF];
        foreach ($this->pieces as $index => [$length, $curvature]) {
            [, $start, $heading] = $this->knots[$index];
            $steps = (int) max(1, ceil(abs($length * $curvature) * 12));
            for ($step = 0; $step <= $steps; ++$step) {
                [$point] = self::step($start, $heading, ($length * $step) / $steps, $curvature);
                [$left, $right] = [min($left, $point->x), max($right, $point->x)];
                [$top, $bottom] = [min($top, $point->y), max($bottom, $point->y)];
            }
        }

        return new Box($left, $top, $right - $left, $bottom - $top);
    }

    /**
     * @param float $along pixels from its start
     *
     * @return array{Point, float} where that is, and the heading there
     */
    public function at(float $along): array
    {
        $index = $this->pieceAt($along);
        if (!isset($this->pieces[$index])) {
            return [$this->start, $this->heading];
        }
        [$from, $point, $heading] = $this->knots[$index];

        return self::step($point, $heading, $along - $from, $this->pieces[$index][1]);
    }

    /**
     * Its circles and straight lines.
     *
     * @param float $from pixels from its start
     *
     * @return list<Bend>
     */
    public function bends(float $from, float $to): array
    {
        $bends = [];
        foreach ($this->pieces as $index => [$length, $curvature]) {
            [$begin, $point, $heading] = $this->knots[$index];
            [$first, $last] = [max(0.0, $from - $begin), min($length, $to - $begin)];
            if ($last > $first) {
                [$start, $direction] = self::step($point, $heading, $first, $curvature);
                $bends[] = Bend::heading($start, $direction, $last - $first, $curvature);
            }
        }

        return $bends;
    }

    /** The radius of its tightest bend, in pixels; INF where it is straight. */
    public function tightestRadius(): float
    {
        $most = max([0.0, ...array_map(static fn (array $piece): float => abs($piece[1]), $this->pieces)]);

        return $most > 0 ? 1 / $most : INF;
    }

    /** Radians a pixel, clockwise above zero. */
    public function curvatureAt(float $along): float
    {
        return $this->pieces[$this->pieceAt($along)][1] ?? 0.0;
    }

    private function pieceAt(float $along): int
    {
        [$low, $high] = [0, max(0, count($this->pieces) - 1)];
        while ($low < $high) {
            $middle = ($low + $high + 1) >> 1;
            if ($this->knots[$middle][0] <= $along) {
                $low = $middle;
            } else {
                $high = $middle - 1;
            }
        }

        return $low;
    }

    /**
     * The outline of a band along it.
     *
     * It runs along its left side, across its end, back along its right side, and across its start: its last stretch is
     * its start, straight, or a straight line between two round corners.
     *
     * @param float $from pixels from the start of the curve
     * @param float $half half of its thickness
     * @param float $corner radius of round corners at both ends; where there is less room, it is smaller
     */
    public function band(float $from, float $to, float $half, float $corner = 0.0): string
    {
        $from = max(0.0, $from);
        $to = min($this->length, $to);
        if ($to - $from <= 1e-7 || $half <= 1e-9) {
            return '';
        }
        $corner = min($corner, $half, ($to - $from) / 2);
        $pieces = $this->between($from + $corner, $to - $corner);
        [$start, $heading] = $this->at($from + $corner);
        [$end, $endHeading] = $this->at($to - $corner);
        $path = (new OutlineBuilder())->moveTo(self::leftOf($start, $heading, $half));
        $there = [];
        [$point, $direction] = [$start, $heading];
        foreach ($pieces as [$length, $curvature]) {
            $there[] = [$point, $direction, $length, $curvature];
            self::side($path, $point, $direction, $length, $curvature, $half);
            [$point, $direction] = self::step($point, $direction, $length, $curvature);
        }
        self::end($path, $end, $endHeading, $half, $corner);
        foreach (array_reverse($there) as [$point, $direction, $length, $curvature]) {
            [$back, $backwards] = self::step($point, $direction, $length, $curvature);
            self::side($path, $back, $backwards + M_PI, $length, -$curvature, $half);
        }
        if ($corner > 0) {
            self::end($path, $start, $heading + M_PI, $half, $corner);
        }

        return $path->close()->pathData();
    }

    /** @return list<array{float, float}> its pieces between two lengths */
    private function between(float $from, float $to): array
    {
        $pieces = [];
        $at = 0.0;
        foreach ($this->pieces as [$length, $curvature]) {
            $part = min($to, $at + $length) - max($from, $at);
            if ($part > 1e-9) {
                $pieces[] = [$part, $curvature];
            }
            $at += $length;
        }

        return $pieces;
    }

    /** The left side of one piece. */
    private static function side(
        OutlineBuilder $path,
        Point $point,
        float $heading,
        float $length,
        float $curvature,
        float $half,
    ): void {
        if (abs($curvature * $length) < self::STRAIGHT) {
            [$end, $direction] = self::step($point, $heading, $length, $curvature);
            $path->lineTo(self::leftOf($end, $direction, $half));

            return;
        }
        $radius = 1 / $curvature;
        $centre = self::leftOf($point, $heading, -$radius);
        // From the centre of a clockwise arc the point lies to the left of the heading.
        $from = rad2deg($heading) + ($radius > 0 ? 0.0 : 180.0);
        $path->arc($centre, abs($radius + $half), $from, $from + rad2deg($length * $curvature));
    }

    /** The end of a band: straight across, or with two round corners. */
    private static function end(OutlineBuilder $path, Point $point, float $heading, float $half, float $corner): void
    {
        if ($corner <= 0) {
            $path->lineTo(self::leftOf($point, $heading, -$half));

            return;
        }
        $degrees = rad2deg($heading);
        $tip = new Point($point->x + $corner * cos($heading), $point->y + $corner * sin($heading));
        $path->arc(self::leftOf($point, $heading, $half - $corner), $corner, $degrees, $degrees + 90);
        $path->lineTo(self::leftOf($tip, $heading, -$half + $corner));
        $path->arc(self::leftOf($point, $heading, -$half + $corner), $corner, $degrees + 90, $degrees + 180);
    }

    private static function leftOf(Point $point, float $heading, float $distance): Point
    {
        return new Point($point->x + $distance * sin($heading), $point->y - $distance * cos($heading));
    }

    /** @return array{Point, float} */
    private static function step(Point $point, float $heading, float $length, float $curvature): array
    {
        $turn = $length * $curvature;
        // The chord of an arc: 2 sin(½θ) ÷ κ, in the direction midway.
        $chord = abs($turn) < 1e-9 ? $length : (2 * sin($turn / 2)) / $curvature;
        $middle = $heading + $turn / 2;

        return [
            new Point($point->x + $chord * cos($middle), $point->y + $chord * sin($middle)),
            $heading + $turn,
        ];
    }
}
