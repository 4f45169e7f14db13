<?php

declare(strict_types=1);

namespace Lupine\Core\Geometry;

/** The strip between a ray from a centre and a line parallel to it, from one circle to another. */
final readonly class Strip
{
    /**
     * Area in square pixels: the integral of ρ·asin(d/ρ) from the inner to the outer radius.
     *
     * @param float $distance of the line from the ray, in pixels
     */
    public static function area(float $distance, float $innerRadius, float $outerRadius): float
    {
        if ($distance <= 0) {
            return 0.0;
        }

        return self::primitive($distance, $outerRadius) - self::primitive($distance, $innerRadius);
    }

    private static function primitive(float $distance, float $radius): float
    {
        $square = $radius * $radius;

        return $radius <= $distance
            ? ($square * M_PI) / 4
            : ($square * asin($distance / $radius) + $distance * sqrt($square - $distance * $distance)) / 2;
    }
}
