<?php

declare(strict_types=1);

namespace Lupine\Core\Geometry;

/**
 * The outline of a sector with rounded corners.
 *
 * A corner's circle touches the arc and the straight edge from within. With the circle's radius c, the edge at half the
 * gap h off its ray, and the arc's radius R, its centre stands R − c from the middle and asin((h + c) ÷ (R − c)) off
 * the ray; at the inner arc r + c and asin((h + c) ÷ (r + c)). Two corners of one arc meet at
 * c = (R·sin ½θ − h) ÷ (1 + sin ½θ), and at c = (r·sin ½θ − h) ÷ (1 − sin ½θ); checked against d3-shape's arcs.
 */
final readonly class RoundedSector
{
    private const NOTHING = 1e-9;

    /** pixels below which a corner is not worth its arc */
    private const SEEN = 0.02;

    /** Path data; null where there is too little room for a corner to be seen. */
    public static function outline(Sector $sector): ?string
    {
        $half = $sector->gap / 2;
        [$outer, $inner] = self::corners($sector);
        if ($outer < self::SEEN) {
            return null;
        }
        $path = new OutlineBuilder();
        $off = self::degrees(($half + $outer) / ($sector->outerRadius - $outer));
        $reach = sqrt(max(0.0, ($sector->outerRadius - $outer) ** 2 - ($half + $outer) ** 2));
        $first = $sector->fromDegrees + $off;
        $last = max($first, $sector->toDegrees() - $off);
        $path->moveTo(self::edge($sector, $sector->fromDegrees, 1, $reach));
        self::corner($path, $sector, $sector->outerRadius - $outer, $first, $outer, [
            $sector->fromDegrees - 90,
            $first,
        ]);
        $path->arc($sector->centre, $sector->outerRadius, $first, $last);
        self::corner($path, $sector, $sector->outerRadius - $outer, $last, $outer, [
            $last,
            $sector->toDegrees() + 90,
        ]);
        self::inside($path, $sector, $half, $inner);

        return $path->close()->pathData();
    }

    /**
     * What four round corners take away, in square pixels: between the straight edge, the arc and the corner's circle,
     * by Green's theorem in a frame whose first axis is the ray.
     */
    public static function taken(Sector $sector): float
    {
        $half = $sector->gap / 2;
        [$outer, $inner] = self::corners($sector);
        if ($outer < self::SEEN) {
            return 0.0;
        }
        $large = $sector->outerRadius;
        $angle = asin(min(1.0, ($half + $outer) / ($large - $outer)));
        $reach = sqrt(max(0.0, ($large - $outer) ** 2 - ($half + $outer) ** 2));
        $turn = -M_PI / 2 - $angle;
        $taken = $large ** 2 * ($angle - asin($half / $large)) - $half * (sqrt($large ** 2 - $half ** 2) - $reach)
            + $outer * ($outer * $turn - $reach * (1 + sin($angle)) + ($half + $outer) * cos($angle));
        $small = $sector->innerArc();
        if ($inner === null || $inner <= 0) {
            return $taken;
        }
        $angle = asin(min(1.0, ($half + $inner) / ($small + $inner)));
        $reach = sqrt(max(0.0, ($small + $inner) ** 2 - ($half + $inner) ** 2));

        return $taken + $small ** 2 * (asin(min(1.0, $half / $small)) - $angle)
            - $half * ($reach - sqrt(max(0.0, $small ** 2 - $half ** 2)))
            + $inner * ($inner * ($angle - M_PI / 2) + $reach * (1 - sin($angle)) + ($half + $inner) * cos($angle));
    }

    /** @return array{float, float|null} radii of the outer and the inner corners; null where the edges meet instead */
    private static function corners(Sector $sector): array
    {
        $half = $sector->gap / 2;
        $sine = $sector->sweepDegrees >= 180 ? 1.0 : sin(deg2rad($sector->sweepDegrees / 2));
        // Beside a gap a little of the edge stays, so that it can be seen where the boundary runs.
        $thick = ($sector->outerRadius - $sector->innerRadius) / ($half > 0 ? 2.1 : 2);
        $radius = $sector->innerArc();

        return [
            min($sector->corner, $thick, ($sector->outerRadius * $sine - $half) / (1 + $sine)),
            $radius <= self::NOTHING || $radius <= $sector->meet()
                ? null
                : min($sector->corner, $thick, $sine >= 1 ? INF : ($radius * $sine - $half) / (1 - $sine)),
        ];
    }

    private static function inside(OutlineBuilder $path, Sector $sector, float $half, ?float $inner): void
    {
        $radius = $sector->innerArc();
        if ($inner === null) {
            $path->lineTo($sector->centre->towards($sector->middleDegrees(), $sector->meet()));

            return;
        }
        $off = self::degrees(($half + $inner) / ($radius + $inner));
        $reach = sqrt(max(0.0, ($radius + $inner) ** 2 - ($half + $inner) ** 2));
        $last = $sector->toDegrees() - $off;
        $first = min($last, $sector->fromDegrees + $off);
        $path->lineTo(self::edge($sector, $sector->toDegrees(), -1, $reach));
        self::corner($path, $sector, $radius + $inner, $last, $inner, [
            $sector->toDegrees() + 90,
            $last + 180,
        ]);
        $path->arc($sector->centre, $radius, $last, $first);
        self::corner($path, $sector, $radius + $inner, $first, $inner, [
            $first + 180,
            $sector->fromDegrees + 270,
        ]);
    }

    /**
     * @param array{float, float} $between directions from the corner's own centre, from the first to the second
     */
    private static function corner(
        OutlineBuilder $path,
        Sector $sector,
        float $distance,
        float $degrees,
        float $radius,
        array $between,
    ): void {
        $path->arc($sector->centre->towards($degrees, $distance), $radius, $between[0], $between[1]);
    }

    /** The point of an edge, half the gap off its ray, at a distance along the ray. */
    private static function edge(Sector $sector, float $degrees, int $side, float $reach): Point
    {
        return $sector->centre->towards($degrees, $reach)->towards($degrees + 90, ($side * $sector->gap) / 2);
    }

    private static function degrees(float $sine): float
    {
        return rad2deg(asin(min(1.0, $sine)));
    }
}
