<?php

declare(strict_types=1);

namespace Lupine\Core\Geometry;

/**
 * The parts of an outline so turned that holes run against what they are in: what was filled by the even-odd rule is
 * filled just so by the nonzero rule. Source: SVG 1.1, “fill-rule”. Parts that cross each other are not taken apart.
 */
final readonly class Nested
{
    /** pieces of a curve in which it is looked at */
    private const PIECES = 8;

    /**
     * @param list<non-empty-list<Cubic>> $parts
     *
     * @return list<non-empty-list<Cubic>>
     */
    public static function of(array $parts, bool $isEvenOdd): array
    {
        if (!$isEvenOdd || count($parts) < 2) {
            return $parts;
        }
        $polygons = array_map(self::polygon(...), $parts);
        $turned = [];
        foreach ($parts as $index => $part) {
            $depth = 0;
            foreach ($polygons as $other => $polygon) {
                $depth += $other !== $index && self::holds($polygon, $polygons[$index][0]) ? 1 : 0;
            }
            $isRight = self::area($polygons[$index]) > 0 === ($depth % 2 === 0);
            $turned[] = $isRight ? $part : array_map(
                static fn (Cubic $cubic): Cubic => new Cubic($cubic->to, $cubic->second, $cubic->first, $cubic->from),
                array_reverse($part),
            );
        }

        return $turned;
    }

    /**
     * @param non-empty-list<Cubic> $part
     *
     * @return non-empty-list<Point>
     */
    private static function polygon(array $part): array
    {
        $points = [$part[0]->from];
        foreach ($part as $cubic) {
            for ($piece = 1; $piece <= self::PIECES; ++$piece) {
                $points[] = $cubic->at($piece / self::PIECES);
            }
        }

        return $points;
    }

    /** @param non-empty-list<Point> $polygon */
    private static function area(array $polygon): float
    {
        $sum = 0.0;
        foreach ($polygon as $index => $point) {
            $next = $polygon[($index + 1) % count($polygon)];
            $sum += $point->x * $next->y - $next->x * $point->y;
        }

        return $sum / 2;
    }

    /** @param non-empty-list<Point> $polygon */
    private static function holds(array $polygon, Point $at): bool
    {
        $isIn = false;
        foreach ($polygon as $index => $one) {
            $other = $polygon[($index + 1) % count($polygon)];
            if ($one->y > $at->y !== $other->y > $at->y) {
                $x = $one->x + (($at->y - $one->y) * ($other->x - $one->x)) / ($other->y - $one->y);
                $isIn = $at->x < $x ? !$isIn : $isIn;
            }
        }

        return $isIn;
    }
}
