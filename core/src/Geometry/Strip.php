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
        $primitive = static fn (float $radius): float => $radius <= $distance
            ? ($radius ** 2 * M_PI) / 4
            : ($radius ** 2 * asin($distance / $radius) + $distance * sqrt($radius ** 2 - $distance ** 2)) / 2;

        return $primitive($outerRadius) - $primitive($innerRadius);
    }
}
