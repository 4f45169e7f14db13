<?php

declare(strict_types=1);

namespace Lupine\Core\Geometry;

/**
 * Outlines at an exact distance inside of others: straight lines move sideways, arcs get another radius, and each ends
 * where it meets the next. What is too short to be left goes.
 */
final readonly class Inset
{
    /** shorter than this, in pixels, a stretch is none */
    private const NOTHING = 1e-6;

    /** nearer than this, in pixels, two ends are one */
    private const SAME = 1e-3;

    /**
     * @param string $pathData absolute M, L, A and Z of closed outlines; of arcs, circular ones alone
     * @param float $distance pixels, above 0
     *
     * @return string path data; empty where nothing is left, or where it cannot be said exactly
     */
    public static function of(string $pathData, float $distance): string
    {
        $data = '';
        foreach (self::rings($pathData) as $ring) {
            $inset = $ring === null ? null : self::ring($ring, $distance);
            $data .= $inset === null ? '' : self::written($inset);
        }

        return $data;
    }

    /** @return list<list<Segment>|null> the part at the right hand of each; null where one has other curves */
    private static function rings(string $pathData): array
    {
        $rings = array_map(
            static fn (string $part): array => array_values(array_filter(
                MeasuredOutline::read($part)->segments,
                static fn (Segment $one): bool => $one->length > self::NOTHING,
            )),
            array_map(static fn (string $part): string => 'M'.$part, array_slice(explode('M', $pathData), 1)),
        );
        $area = array_sum(array_map(static fn (Segment $one): float => $one->areaPart(), array_merge(...$rings)));

        return array_map(static fn (array $ring): ?array => match (true) {
            array_filter($ring, static fn (Segment $one): bool => $one->ratio !== 1.0) !== [] => null,
            $area >= 0 => $ring,
            default => array_reverse(array_map(static fn (Segment $one): Segment => $one->reversed(), $ring)),
        }, $rings);
    }

    /**
     * @param list<Segment> $segments with the part at their right hand
     *
     * @return list<Segment>|null null where nothing is left
     */
    private static function ring(array $segments, float $distance): ?array
    {
        $moved = [];
        foreach ($segments as $segment) {
            $inside = $segment->movedInside($distance);
            if ($inside !== null) {
                $moved[] = [$inside, $segment->to];
            } elseif ($moved !== []) {
                // What follows meets what was before the arc that is gone, near where that ended.
                $moved[count($moved) - 1] = [$moved[count($moved) - 1][0], $segment->to];
            }
        }
        for ($round = count($moved); $round > 0 && count($moved) > 1; --$round) {
            $made = self::met($moved);
            if ($made === null) {
                return null;
            }
            $gone = array_search(null, $made, true);
            if ($gone === false) {
                /** @var list<Segment> $made */
                return $made;
            }
            $before = ($gone + count($moved) - 1) % count($moved);
            $moved[$before] = [$moved[$before][0], $moved[$gone][1]];
            array_splice($moved, $gone, 1);
        }

        return null;
    }

    /**
     * Each from where it meets the one before to where it meets the next.
     *
     * @param non-empty-list<array{Segment, Point}> $moved with the corner that each led to
     *
     * @return list<Segment|null>|null null for one that would run backwards; null where two never meet
     */
    private static function met(array $moved): ?array
    {
        $count = count($moved);
        $corners = [];
        foreach ($moved as $index => [$segment, $corner]) {
            $next = $moved[($index + 1) % $count][0];
            $met = $segment->to->distanceTo($next->from) < self::SAME
                ? $segment->to
                : $segment->meeting($next, $corner);
            if ($met === null) {
                return null;
            }
            $corners[] = $met;
        }

        return array_map(
            static fn (int $index): ?Segment => $moved[$index][0]->between(
                $corners[($index + $count - 1) % $count],
                $corners[$index],
            ),
            array_keys($moved),
        );
    }

    /** @param list<Segment> $segments */
    private static function written(array $segments): string
    {
        $outline = (new OutlineBuilder())->moveTo($segments[0]->from);
        foreach ($segments as $segment) {
            $segment->centre === null
                ? $outline->lineTo($segment->to)
                : $outline->arcOf($segment);
        }

        return $outline->close()->pathData();
    }
}
