<?php

declare(strict_types=1);

namespace Lupine\Core\Proof;

use Lupine\Core\Geometry\MeasuredOutline;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Geometry\Segment;

/** Measures outlines by what their form promises, from path data alone. */
final readonly class Measurement
{
    /** pixels within which points are as far to the right */
    private const SAME = 1e-9;

    /**
     * @param string $measure one of Form\Measure's values
     * @param float $whole how much of the measure the whole is: degrees or pixels
     */
    public static function of(string $measure, string $pathData, float $whole, Point $pivot): Measured
    {
        if ($pathData === '' || $whole <= 0) {
            return new Measured(0.0, 0.0, new Point(0, 0));
        }

        return match ($measure) {
            'angle' => self::angle($pathData, $whole, $pivot),
            'arc' => self::arc($pathData, $whole, $pivot),
            'path' => self::path($pathData, $whole),
            'width' => self::extent($pathData, $whole, true),
            'height' => self::extent($pathData, $whole, false),
            'level' => self::level($pathData, $whole, $pivot),
            'edge' => self::edge($pathData, $whole),
            default => self::area($pathData, $whole),
        };
    }

    private static function angle(string $pathData, float $whole, Point $pivot): Measured
    {
        $sector = MeasuredSector::of($pathData, $pivot);
        $part = 360 / $whole;

        return new Measured(
            $sector->share * $part,
            $sector->areaShare === null ? null : $sector->areaShare * $part,
            $sector->beside,
        );
    }

    /** The length on the circle midway between the inner and the outer one. */
    private static function arc(string $pathData, float $whole, Point $pivot): Measured
    {
        $sector = MeasuredSector::of($pathData, $pivot);
        $length = $sector->share * 2 * M_PI * $sector->middleRadius;

        return new Measured($length / $whole, null, $sector->beside);
    }

    /**
     * The length of a band along its path: both sides together are twice as long as the path, whatever its bends. Its
     * last stretch is its first end: straight, or the second of two round corners with a straight line between.
     */
    private static function path(string $pathData, float $whole): Measured
    {
        $outline = MeasuredOutline::read($pathData);
        $segments = $outline->segments;
        $last = $segments[count($segments) - 1];
        $corner = $last->isArc() ? $last->radius : 0.0;
        $end = $last->isArc() ? $segments[count($segments) - 2]->length + 2 * $corner : $last->length;
        $sides = $outline->length() - 2 * $end + (8 - 2 * M_PI) * $corner;
        $area = $outline->area + (4 - M_PI) * $corner ** 2;
        $length = $sides / 2;

        return new Measured(
            $length / $whole,
            $end > 1e-6 && $corner < 1e-9 ? $area / $end / $whole : null,
            self::besideBox($segments),
        );
    }

    private static function extent(string $pathData, float $whole, bool $isWidth): Measured
    {
        $segments = MeasuredOutline::read($pathData)->segments;
        [$left, $top, $right, $bottom] = self::box($segments);

        return new Measured(
            ($isWidth ? $right - $left : $bottom - $top) / $whole,
            null,
            self::besideBox($segments),
        );
    }

    /** How high its outermost points on the right stand above the foot of a chart that is as high as the whole. */
    private static function level(string $pathData, float $whole, Point $pivot): Measured
    {
        $segments = MeasuredOutline::read($pathData)->segments;
        [, , $right] = self::box($segments);
        [$top, $bottom] = [INF, -INF];
        foreach ($segments as $segment) {
            foreach ($segment->furthestPoints() as $point) {
                if ($point->x > $right - self::SAME) {
                    [$top, $bottom] = [min($top, $point->y), max($bottom, $point->y)];
                }
            }
        }

        return new Measured(
            ($pivot->y + $whole / 2 - ($top + $bottom) / 2) / $whole,
            null,
            self::besideBox($segments),
        );
    }

    /** How high the edge is with which it ends on the right. */
    private static function edge(string $pathData, float $whole): Measured
    {
        $segments = MeasuredOutline::read($pathData)->segments;
        [, , $right] = self::box($segments);
        $height = 0.0;
        foreach ($segments as $segment) {
            $xs = array_map(static fn (Point $point): float => $point->x, $segment->furthestPoints());
            if (min([$right, ...$xs]) > $right - self::SAME) {
                $height += $segment->length;
            }
        }

        return new Measured($height / $whole, null, self::besideBox($segments));
    }

    private static function area(string $pathData, float $whole): Measured
    {
        $outline = MeasuredOutline::read($pathData);

        return new Measured($outline->area / $whole, null, self::besideBox($outline->segments));
    }

    /** @param list<Segment> $segments */
    private static function besideBox(array $segments): Point
    {
        [$left, $top, $right, $bottom] = self::box($segments);

        return new Point(($left + $right) / 2, ($top + $bottom) / 2);
    }

    /**
     * @param list<Segment> $segments
     *
     * @return array{float, float, float, float} left, top, right, bottom
     */
    private static function box(array $segments): array
    {
        $box = [INF, INF, -INF, -INF];
        foreach ($segments as $segment) {
            foreach ($segment->furthestPoints() as $point) {
                $box = [
                    min($box[0], $point->x),
                    min($box[1], $point->y),
                    max($box[2], $point->x),
                    max($box[3], $point->y),
                ];
            }
        }

        return $box;
    }
}
