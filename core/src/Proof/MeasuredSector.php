<?php

declare(strict_types=1);

namespace Lupine\Core\Proof;

use Lupine\Core\Geometry\MeasuredOutline;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Geometry\Segment;
use Lupine\Core\Geometry\Strip;

/**
 * The share of a circle that an outline covers, measured on the outline alone: its outer arcs, and how far its straight
 * edges stand off the rays that they run along.
 */
final readonly class MeasuredSector
{
    /** pixels of outer arc below which an outline is too thin to find its centre from */
    private const SLIVER = 3.0;

    private function __construct(
        /** by the angle of the outer arc and the edges; 0 to 1 */
        public float $share,
        /** by the area inside the outline, gap strips added back; null where the edges meet before the hole */
        public ?float $areaShare,
        /** a point a little outside the middle of the outer arc, where a measure can be written */
        public Point $beside,
        /** midway between the inner and the outer arc, in pixels */
        public float $middleRadius = 0.0,
    ) {
    }

    /** @param Point $pivot the middle of the chart; it is used only where corners are round */
    public static function of(string $pathData, Point $pivot): self
    {
        $outline = MeasuredOutline::read($pathData);
        $radius = $outline->outerRadius;
        if ($radius <= 0) {
            return new self(0.0, 0.0, new Point(0, 0));
        }
        if (MeasuredRoundedSector::isOne($outline)) {
            [$sweep, $middle, $beside] = MeasuredRoundedSector::measure($outline, $pivot);

            return new self($sweep / (2 * M_PI), null, $beside, $middle);
        }
        $sweep = 0.0;
        $inner = 0.0;
        $centre = new Point(0, 0);
        $longest = -1.0;
        $first = null;
        $turn = 0.0;
        foreach ($outline->segments as $segment) {
            if ($segment->centre === null) {
                continue;
            }
            if ($segment->radius < $radius - 1e-3) {
                $inner = max($inner, $segment->radius);

                continue;
            }
            $sweep += abs($segment->sweep);
            $turn += $segment->sweep;
            $first ??= $segment->from;
            if ($segment->length > $longest) {
                $longest = $segment->length;
                $centre = $segment->centre;
            }
        }
        $area = $outline->area;
        $middle = atan2(($first ?? $centre)->y - $centre->y, ($first ?? $centre)->x - $centre->x) + $turn / 2;
        $beside = new Point($centre->x + 1.1 * $radius * cos($middle), $centre->y + 1.1 * $radius * sin($middle));
        $meet = false;
        $edges = [];
        $arcs = $sweep;
        foreach ($outline->segments as $segment) {
            if ($segment->isArc() || $segment->length < 1e-9) {
                continue;
            }
            $distance =
                abs(
                    ($segment->to->x - $segment->from->x) * ($segment->from->y - $centre->y) -
                        ($segment->from->x - $centre->x) * ($segment->to->y - $segment->from->y),
                ) / $segment->length;
            $sweep += asin(min(1.0, $distance / $radius));
            $edges[] = $segment;
            $area += Strip::area($distance, $inner, $radius);
            $meet = $meet || ($inner <= 0 && $distance > 1e-3);
        }

        if ($arcs * $radius < self::SLIVER && count($edges) === 2) {
            // The centre cannot be found from so short an arc; the edges, which run along the rays, tell the angle.
            $between = fmod(self::direction($edges[1]) - self::direction($edges[0]) + 5 * M_PI, 2 * M_PI);
            $sweep = min($between, 2 * M_PI - $between);

            return new self($sweep / (2 * M_PI), $sweep / (2 * M_PI), $beside, ($radius + $inner) / 2);
        }

        return new self(
            $sweep / (2 * M_PI),
            $meet ? null : $area / (M_PI * ($radius ** 2 - $inner ** 2)),
            $beside,
            ($radius + $inner) / 2,
        );
    }

    private static function direction(Segment $edge): float
    {
        return atan2($edge->to->y - $edge->from->y, $edge->to->x - $edge->from->x);
    }
}
