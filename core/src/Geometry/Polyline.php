<?php

declare(strict_types=1);

namespace Lupine\Core\Geometry;

/** Straight stretches, one behind the other. */
final readonly class Polyline
{
    /** how near to its ends two stretches may touch without crossing, as a part of their length */
    private const END = 0.01;

    /** @param list<Point> $points */
    public function __construct(public array $points)
    {
    }

    /** Where it first crosses another, or null. */
    public function crossing(self $other): ?Point
    {
        for ($first = 1; $first < count($this->points); ++$first) {
            for ($second = 1; $second < count($other->points); ++$second) {
                $at = self::meeting(
                    $this->points[$first - 1],
                    $this->points[$first],
                    $other->points[$second - 1],
                    $other->points[$second],
                );
                if ($at !== null) {
                    return $at;
                }
            }
        }

        return null;
    }

    private static function meeting(Point $a, Point $b, Point $c, Point $d): ?Point
    {
        [$abX, $abY, $cdX, $cdY] = [$b->x - $a->x, $b->y - $a->y, $d->x - $c->x, $d->y - $c->y];
        $area = $abX * $cdY - $abY * $cdX;
        if (abs($area) < 1e-9) {
            return null;
        }
        $along = (($c->x - $a->x) * $cdY - ($c->y - $a->y) * $cdX) / $area;
        $across = (($c->x - $a->x) * $abY - ($c->y - $a->y) * $abX) / $area;
        $isWithin = min($along, $across) > self::END && max($along, $across) < 1 - self::END;

        return $isWithin ? new Point($a->x + $along * $abX, $a->y + $along * $abY) : null;
    }
}
