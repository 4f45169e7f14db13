<?php

declare(strict_types=1);

namespace Lupine\Core\Geometry;

/** The curves that a band can be bent along. Sizes are of their own; whoever uses them scales them. */
final readonly class Course
{
    private const SIZE = 100.0;

    /** how far an arc may be off the curve that it stands for, as a fraction of its length */
    private const TOLERANCE = 4e-7;

    /** A full circle, clockwise from the top. */
    public static function circle(): ArcChain
    {
        return ArcChain::of(new Point(0, -self::SIZE), 0.0, [[2 * M_PI * self::SIZE, 1 / self::SIZE]]);
    }

    /** An arch that spans an angle. */
    public static function arch(float $degrees): ArcChain
    {
        $sweep = deg2rad($degrees);

        return ArcChain::of(new Point(0, 0), -$sweep / 2, [[$sweep * self::SIZE, 1 / self::SIZE]]);
    }

    /** Half circles, up and down by turns. */
    public static function wave(int $halves): ArcChain
    {
        $pieces = [];
        for ($half = 0; $half < $halves; ++$half) {
            $pieces[] = [M_PI * self::SIZE, ($half % 2 === 0 ? 1 : -1) / self::SIZE];
        }

        return ArcChain::of(new Point(0, 0), -M_PI / 2, $pieces);
    }

    public static function line(): ArcChain
    {
        return ArcChain::of(new Point(0, 0), 0.0, [[self::SIZE, 0.0]]);
    }

    /** An Archimedean spiral, clockwise from its outer end at the top inwards. */
    public static function spiral(float $turns): ArcChain
    {
        $knots = [];
        $steps = (int) max(8, ceil($turns * 36));
        $last = 2 * M_PI * $turns;
        // ρ falls evenly from the size to a sixth of it: ρ = a − bφ.
        $fall = (self::SIZE * 5) / 6 / $last;
        for ($step = 0; $step <= $steps; ++$step) {
            $angle = ($last * $step) / $steps;
            $radius = self::SIZE - $fall * $angle;
            $point = (new Point(0, 0))->towards(rad2deg($angle), $radius);
            $dx = -$fall * sin($angle) + $radius * cos($angle);
            $dy = $fall * cos($angle) + $radius * sin($angle);
            $knots[] = [$point, atan2($dy, $dx)];
        }

        return ArcChain::through($knots);
    }

    /**
     * A smooth curve through points: Catmull–Rom, as cubic Béziers with a sixth of the way between the neighbours.
     *
     * @param list<Point> $points at least two
     */
    public static function throughPoints(array $points): ArcChain
    {
        $cubics = [];
        $last = count($points) - 1;
        for ($index = 0; $index < $last; ++$index) {
            [$from, $to] = [$points[$index], $points[$index + 1]];
            $before = $points[max(0, $index - 1)];
            $after = $points[min($last, $index + 2)];
            $cubics[] = new Cubic(
                $from,
                new Point($from->x + ($to->x - $before->x) / 6, $from->y + ($to->y - $before->y) / 6),
                new Point($to->x - ($after->x - $from->x) / 6, $to->y - ($after->y - $from->y) / 6),
                $to,
            );
        }

        return self::ofCubics($cubics);
    }

    /** A curve with its corners rounded, so that a band of a thickness can be bent along it. */
    public static function smoothed(ArcChain $chain, float $thickness): ArcChain
    {
        $count = (int) max(3, floor($chain->length / max(1e-6, $thickness)));
        $points = [];
        for ($step = 0; $step <= $count; ++$step) {
            $points[] = $chain->at(($chain->length * $step) / $count)[0];
        }

        return self::throughPoints($points);
    }

    /**
     * Corners between two of them are taken in the direction midway.
     *
     * @param list<Cubic> $cubics at least one, each beginning where the one before ends
     */
    public static function ofCubics(array $cubics): ArcChain
    {
        $knots = [];
        $total = array_sum(array_map(static fn (Cubic $cubic): float => $cubic->length(), $cubics));
        foreach ($cubics as $index => $cubic) {
            $before = $cubics[$index - 1] ?? null;
            $after = $cubics[$index + 1] ?? null;
            $first = self::joined($before?->headingAt(1.0), $cubic->headingAt(0.0));
            $last = self::joined($after?->headingAt(0.0), $cubic->headingAt(1.0));
            if ($index === 0) {
                $knots[] = [$cubic->from, $first];
            }
            self::subdivide($knots, $cubic, [0.0, $first], [1.0, $last], $total * self::TOLERANCE, 0);
        }

        return ArcChain::through($knots);
    }

    /**
     * @param list<array{Point, float}> $knots
     * @param array{float, float} $from part and heading
     * @param array{float, float} $to
     */
    private static function subdivide(
        array &$knots,
        Cubic $cubic,
        array $from,
        array $to,
        float $tolerance,
        int $depth,
    ): void {
        $knot = [$cubic->at($to[0]), $to[1]];
        $arcs = Biarc::between([$cubic->at($from[0]), $from[1]], $knot);
        $off = abs(array_sum(array_column($arcs, 0)) - $cubic->length($from[0], $to[0]));
        if ($depth >= 2 && ($off <= $tolerance || $depth >= 9)) {
            $knots[] = $knot;

            return;
        }
        $middle = ($from[0] + $to[0]) / 2;
        $between = [$middle, $cubic->headingAt($middle)];
        self::subdivide($knots, $cubic, $from, $between, $tolerance / 2, $depth + 1);
        self::subdivide($knots, $cubic, $between, $to, $tolerance / 2, $depth + 1);
    }

    private static function joined(?float $other, float $heading): float
    {
        return $other === null
            ? $heading
            : atan2(sin($other) + sin($heading), cos($other) + cos($heading) + 1e-12);
    }
}
