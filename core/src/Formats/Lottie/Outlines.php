<?php

declare(strict_types=1);

namespace Lupine\Core\Formats\Lottie;

use Lupine\Core\Geometry\BadOutline;
use Lupine\Core\Geometry\Cubic;
use Lupine\Core\Geometry\SvgPath;

/**
 * Outlines as the vector format has them: cubic curves, whose controls are told from their points; arcs in pieces of
 * 20° and less, which leave their circle by less than a thousandth of a pixel at any size of a stage.
 *
 * Source: Lottie Specification 1.0, “Values”, Bezier.
 */
final readonly class Outlines
{
    /**
     * Outlines over time: each of their parts by itself, and nothing where one is not there.
     *
     * @param non-empty-array<int, string> $values path data by frame, where it changes
     * @param float $stretch what heights are divided by
     * @param bool $goes whether what keeps its form goes from one frame to the next
     *
     * @return list<array<string, mixed>> shapes
     */
    public static function over(array $values, float $stretch = 1.0, bool $goes = true): array
    {
        $parts = array_map(static fn (string $data): array => self::parts($data, $stretch), $values);
        $most = max(array_map(count(...), $parts));
        $shapes = [];
        for ($place = 0; $place < $most; ++$place) {
            $its = array_map(static fn (array $one): Bezier => $one[$place] ?? Bezier::nothing(), $parts);
            $shapes[] = ['ty' => 'sh', 'ks' => Keys::shape($its, $goes)];
        }

        return $shapes;
    }

    /** @return list<Bezier> */
    private static function parts(string $data, float $stretch): array
    {
        try {
            $parts = $data === '' ? [] : SvgPath::parts($data);
        } catch (BadOutline) {
            $parts = [];
        }

        return array_map(static fn (array $cubics): Bezier => self::part($cubics, $stretch), $parts);
    }

    /** @param non-empty-list<Cubic> $cubics */
    private static function part(array $cubics, float $stretch): Bezier
    {
        $pair = static fn (float $x, float $y): array => [Keys::round($x), Keys::round($y / $stretch)];
        $end = $cubics[count($cubics) - 1]->to;
        $isClosed = $cubics[0]->from->distanceTo($end) < 1e-6;
        $points = $ins = $outs = [];
        foreach ($cubics as $cubic) {
            $points[] = $pair($cubic->from->x, $cubic->from->y);
            $outs[] = $pair($cubic->first->x - $cubic->from->x, $cubic->first->y - $cubic->from->y);
            $ins[] = $pair($cubic->second->x - $cubic->to->x, $cubic->second->y - $cubic->to->y);
        }

        return $isClosed
            // What comes into the first point is the end of the last curve.
            ? new Bezier(true, $points, [$ins[count($ins) - 1], ...array_slice($ins, 0, -1)], $outs)
            : new Bezier(false, [...$points, $pair($end->x, $end->y)], [[0.0, 0.0], ...$ins], [...$outs, [0.0, 0.0]]);
    }
}
