<?php

declare(strict_types=1);

namespace Lupine\Core\Form\Tilted;

use Lupine\Core\Geometry\Degrees;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Geometry\Sector;

/** What lies on a line straight away from the viewer. */
final readonly class Column
{
    /**
     * Where a sector of the plan is crossed.
     *
     * @return list<array{float, float}> stretches of y, the farthest first
     */
    public static function of(Sector $sector, float $x): array
    {
        [$off, $ys] = [$x - $sector->centre->x, []];
        foreach ([$sector->outerRadius, $sector->innerRadius] as $radius) {
            if ($radius > abs($off)) {
                $deep = sqrt($radius ** 2 - $off ** 2);
                array_push($ys, -$deep, $deep);
            }
        }
        foreach ($sector->isWhole() ? [] : [$sector->fromDegrees, $sector->toDegrees()] as $degrees) {
            $sine = sin(deg2rad($degrees));
            if (abs($sine) > 1e-12 && $off / $sine > 0) {
                $ys[] = (-cos(deg2rad($degrees)) * $off) / $sine;
            }
        }
        sort($ys);
        $stretches = [];
        for ($place = 1; $place < count($ys); ++$place) {
            $middle = ($ys[$place - 1] + $ys[$place]) / 2;
            if (self::isInside($sector, new Point($off, $middle))) {
                $stretches[] = [$sector->centre->y + $ys[$place - 1], $sector->centre->y + $ys[$place]];
            }
        }

        return $stretches;
    }

    /**
     * How much of a stretch others leave of it.
     *
     * @param array{float, float} $own
     * @param list<array{float, float}> $taken
     */
    public static function left(array $own, array $taken): float
    {
        usort($taken, static fn (array $one, array $other): int => $one[0] <=> $other[0]);
        [$at, $left] = [$own[0], 0.0];
        foreach ($taken as [$from, $to]) {
            $left += max(0.0, min($own[1], $from) - $at);
            $at = max($at, $to);
        }

        return $left + max(0.0, $own[1] - $at);
    }

    /** @param Point $off from the middle of the sector */
    private static function isInside(Sector $sector, Point $off): bool
    {
        $distance = hypot($off->x, $off->y);
        if ($distance > $sector->outerRadius || $distance < $sector->innerRadius) {
            return false;
        }
        $degrees = Degrees::normalised(rad2deg(atan2($off->x, -$off->y)) - $sector->fromDegrees);

        return $sector->isWhole() || $degrees < $sector->sweepDegrees;
    }
}
