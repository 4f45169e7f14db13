<?php

declare(strict_types=1);

namespace Lupine\Core\Geometry;

/** All that an outline goes over on a straight way, as path data to be filled by the nonzero rule. */
final readonly class Swept
{
    /** square pixels below which a stretch goes over nothing */
    private const NOTHING = 1e-9;

    /** radians of one arc at most, so that no renderer has to guess where its centre is */
    private const MOST = 2 * M_PI / 3;

    /**
     * Where it is at both ends, and what each stretch of its edge goes over between them. An arc is cut where its
     * tangent lies along the way: each piece of it then goes over as much as its chord does, and never over itself.
     *
     * @param string $pathData absolute M, L, A and Z of closed outlines
     * @param Point $way from where it is to where it gets, in pixels
     */
    public static function of(string $pathData, Point $way): string
    {
        if ($pathData === '' || ($way->x === 0.0 && $way->y === 0.0)) {
            return $pathData;
        }
        $segments = MeasuredOutline::read($pathData)->segments;
        $turn = array_sum(array_map(static fn (Segment $one): float => $one->areaPart(), $segments)) <=> 0.0;
        $data = $pathData.Laid::of($pathData, 1.0, $way);
        foreach ($segments as $segment) {
            foreach (self::pieces($segment, $way) as $piece) {
                $over = ($piece->to->x - $piece->from->x) * $way->y - ($piece->to->y - $piece->from->y) * $way->x;
                if (abs($over) > self::NOTHING) {
                    $data .= self::written($over * $turn > 0 ? $piece : $piece->reversed(), $way);
                }
            }
        }

        return $data;
    }

    /** @return list<Segment> */
    private static function pieces(Segment $segment, Point $way): array
    {
        $centre = $segment->centre;
        if ($centre === null || abs($segment->sweep) < 1e-12) {
            return [$segment];
        }
        $begin = atan2(($segment->from->y - $centre->y) / $segment->ratio, $segment->from->x - $centre->x);
        [$low, $high] = [min($begin, $begin + $segment->sweep), max($begin, $begin + $segment->sweep)];
        $along = atan2(-$segment->ratio * $way->x, $way->y);
        $cuts = [0.0, 1.0];
        for ($half = (int) ceil(($low - $along) / M_PI); $along + $half * M_PI < $high; ++$half) {
            $cuts[] = ($along + $half * M_PI - $begin) / $segment->sweep;
        }
        sort($cuts);
        $pieces = [];
        for ($place = 1; $place < count($cuts); ++$place) {
            $parts = max(1, (int) ceil((($cuts[$place] - $cuts[$place - 1]) * abs($segment->sweep)) / self::MOST));
            for ($part = 0; $part < $parts; ++$part) {
                $at = static fn (int $part): float => $cuts[$place - 1]
                    + (($cuts[$place] - $cuts[$place - 1]) * $part) / $parts;
                [$from, $to] = [$segment->along($at($part)), $segment->along($at($part + 1))];
                if ($from->distanceTo($to) > 1e-9) {
                    $isClockwise = $segment->sweep > 0;
                    $pieces[] = $segment->ratio === 1.0
                        ? Segment::arc($from, $to, $segment->radius, false, $isClockwise)
                        : Segment::ellipse($from, $to, $segment->radius, $segment->ratio, false, $isClockwise);
                }
            }
        }

        return $pieces;
    }

    private static function written(Segment $piece, Point $way): string
    {
        $moved = static fn (Point $point): Point => new Point($point->x + $way->x, $point->y + $way->y);

        return 'M'.self::point($piece->from).self::edge($piece, $piece->to, $piece->sweep > 0)
            .'L'.self::point($moved($piece->to)).self::edge($piece, $moved($piece->from), $piece->sweep < 0).'Z';
    }

    private static function edge(Segment $piece, Point $to, bool $isClockwise): string
    {
        return $piece->isArc() ? sprintf(
            'A%s %s 0 0 %d %s',
            Decimal::of($piece->radius),
            Decimal::of($piece->radius * $piece->ratio),
            $isClockwise ? 1 : 0,
            self::point($to),
        ) : 'L'.self::point($to);
    }

    private static function point(Point $point): string
    {
        return Decimal::of($point->x).' '.Decimal::of($point->y);
    }
}
