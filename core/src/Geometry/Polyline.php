<?php

declare(strict_types=1);

namespace Lupine\Core\Geometry;

/** Straight stretches, one after the other. */
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

    /**
     * @param list<Point> $one
     * @param list<Point> $other
     */
    public static function doCross(array $one, array $other): bool
    {
        for ($first = count($one) - 1; $first > 0; --$first) {
            for ($second = count($other) - 1; $second > 0; --$second) {
                [$a, $b, $c, $d] = [$one[$first - 1], $one[$first], $other[$second - 1], $other[$second]];
                // Stretches whose heights are apart need no closer look.
                $isApart = max($a->y, $b->y) < min($c->y, $d->y) || max($c->y, $d->y) < min($a->y, $b->y);
                if (!$isApart && self::meeting($a, $b, $c, $d) !== null) {
                    return true;
                }
            }
        }

        return false;
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
