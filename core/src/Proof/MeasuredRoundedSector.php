<?php

declare(strict_types=1);

namespace Lupine\Core\Proof;

use Lupine\Core\Geometry\MeasuredOutline;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Geometry\Segment;

/**
 * The angle of a sector with rounded corners: between its straight edges, which run along its rays; and where a corner
 * has left none, to the ray that touches the corner's circle.
 */
final readonly class MeasuredRoundedSector
{
    /** pixels below which an edge is too short to tell a direction */
    private const EDGE = 0.25;
    private const LONG_EDGE = 6.0;

    /** Whether an outline has corners: two arcs of different radii that meet. */
    public static function isOne(MeasuredOutline $outline): bool
    {
        $before = null;
        foreach ($outline->segments as $segment) {
            $meets = $before !== null && $before->to->distanceTo($segment->from) < 1e-6;
            if ($meets && $segment->isArc() && $before->isArc() && abs($segment->radius - $before->radius) > 1e-4) {
                return true;
            }
            $before = $segment;
        }

        return false;
    }

    /** @return array{float, float, Point} sweep in radians, middle radius in pixels, a point beside it */
    public static function measure(MeasuredOutline $outline, Point $pivot): array
    {
        $segments = array_values(
            array_filter($outline->segments, static fn (Segment $segment): bool => $segment->length > 1e-7),
        );
        // Where the mark is not pulled out, its arcs run about the pivot, which is known better than any found centre.
        $centre = self::isAbout($segments, $pivot, $outline->outerRadius)
            ? $pivot
            : self::centre($segments, $outline->outerRadius) ?? $pivot;
        [$start, $end] = [self::start($segments, $centre), self::end($segments, $centre)];
        $outer = 0.0;
        $inner = INF;
        $turned = 0.0;
        foreach ($segments as $segment) {
            foreach ([$segment->from, $segment->to] as $point) {
                $outer = max($outer, $point->distanceTo($centre));
                $inner = min($inner, $point->distanceTo($centre));
            }
            $turned += abs($segment->radius - $outline->outerRadius) < 1e-4 ? $segment->sweep : 0.0;
        }
        $sweep = fmod($end - $start + 4 * M_PI, 2 * M_PI);
        // A sector that is nearly a full turn may be read as next to nothing.
        $sweep += $turned > M_PI && $sweep < M_PI / 2 ? 2 * M_PI : 0.0;
        $middle = $start + $sweep / 2;
        $beside = new Point($centre->x + 1.1 * $outer * cos($middle), $centre->y + 1.1 * $outer * sin($middle));

        return [$sweep, ($outer + $inner) / 2, $beside];
    }

    /** @param list<Segment> $segments */
    private static function centre(array $segments, float $radius): ?Point
    {
        $longest = null;
        foreach ($segments as $segment) {
            $isOuter = $segment->isArc() && abs($segment->radius - $radius) < 1e-4;
            if ($isOuter && $segment->length > max(8.0, $longest->length ?? 0.0)) {
                $longest = $segment;
            }
        }

        return $longest?->centre;
    }

    /**
     * The outline begins at the outer end of its first edge, with the corner there; the edge itself closes it.
     *
     * @param list<Segment> $segments
     */
    private static function start(array $segments, Point $centre): float
    {
        $edge = $segments[count($segments) - 1];
        if (!$edge->isArc() && self::tells($edge, $centre)) {
            return self::direction($edge->from, $edge->to);
        }

        return self::touching($segments[0], $centre, -1);
    }

    /** @param list<Segment> $segments */
    private static function end(array $segments, Point $centre): float
    {
        $corner = $segments[0];
        for ($index = 1; $index < count($segments) - 1; ++$index) {
            $segment = $segments[$index];
            if (!$segment->isArc()) {
                return self::tells($segment, $centre)
                    ? self::direction($segment->to, $segment->from)
                    : self::touching($corner, $centre, 1);
            }
            if ($segment->sweep < 0) {
                break;
            }
            $isCorner = abs($segment->radius - $segments[0]->radius) < 1e-4;
            $corner = $isCorner ? $segment : $corner;
        }

        return self::touching($corner, $centre, 1);
    }

    /** Whether an edge tells its direction: it is long, or it is short and runs beside its ray, for a gap. */
    private static function tells(Segment $edge, Point $centre): bool
    {
        $off = abs(
            ($edge->to->x - $edge->from->x) * ($edge->from->y - $centre->y)
                - ($edge->from->x - $centre->x) * ($edge->to->y - $edge->from->y),
        ) / max(1e-9, $edge->length);

        return $edge->length > ($off < 0.05 ? self::LONG_EDGE : self::EDGE);
    }

    /** @param list<Segment> $segments */
    private static function isAbout(array $segments, Point $pivot, float $radius): bool
    {
        foreach ($segments as $segment) {
            if ($segment->isArc() && abs($segment->radius - $radius) < 1e-4) {
                return abs($segment->from->distanceTo($pivot) - $radius) < 1e-4
                    && abs($segment->to->distanceTo($pivot) - $radius) < 1e-4;
            }
        }

        return true;
    }

    /** The direction of the ray that touches a corner's circle. */
    private static function touching(Segment $corner, Point $centre, int $side): float
    {
        $middle = $corner->centre ?? $corner->from;
        $distance = max(1e-9, $middle->distanceTo($centre));

        return self::direction($centre, $middle) + $side * asin(min(1.0, $corner->radius / $distance));
    }

    private static function direction(Point $from, Point $to): float
    {
        return atan2($to->y - $from->y, $to->x - $from->x);
    }
}
