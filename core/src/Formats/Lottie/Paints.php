<?php

declare(strict_types=1);

namespace Lupine\Core\Formats\Lottie;

use Lupine\Core\Drawing\PathNode;
use Lupine\Core\Formats\LitEdge;
use Lupine\Core\Reel\FlatPaint;
use Lupine\Core\Reel\LinearPaint;
use Lupine\Core\Reel\Paint;
use Lupine\Core\Reel\RadialPaint;

/**
 * Fills and lines as the vector format has them.
 *
 * Source: Lottie Specification 1.0, “Shapes”: Fill, Stroke, Gradient, Gradient Stroke.
 */
final readonly class Paints
{
    private const CAPS = ['butt' => 1, 'round' => 2, 'square' => 3];
    private const ROUND_JOIN = 2;
    private const LINEAR = 1;
    private const RADIAL = 2;

    /**
     * What an outline is painted with on a frame; a light along its edge is a gradient about its middle by then.
     *
     * @return array{paint: Paint, dashes: list<float>}
     */
    public static function at(PathNode $node, int $frame): array
    {
        $paint = $node->fill->at($frame);
        $stroke = $node->stroke;
        $gap = $stroke?->gap?->at($frame) ?? 0.0;
        $dashes = $stroke !== null && $gap > 0.0
            ? [$stroke->dash?->at($frame) ?? 0.0, $gap, $stroke->offset?->at($frame) ?? 0.0]
            : [];
        if ($stroke?->light !== null) {
            $light = $stroke->light;
            $lit = LitEdge::of($node->outline->at($frame), $light->length->at($frame), $light->place->at($frame));
            $dashes = $lit === null ? [0.0, 1.0, 0.0] : [...$lit->dashes, $lit->offset];
            $paint = $lit === null ? $paint : $lit->paint($paint);
        }

        return ['paint' => $paint, 'dashes' => array_values($dashes)];
    }

    /** Whether the format has such a paint. */
    public static function canBe(Paint $paint): bool
    {
        return $paint instanceof FlatPaint || $paint instanceof LinearPaint || $paint instanceof RadialPaint;
    }

    /** What tells paints apart that cannot become each other. */
    public static function form(Paint $paint): string
    {
        return match (true) {
            $paint instanceof LinearPaint => 'linear '.count($paint->stops),
            $paint instanceof RadialPaint => 'radial '.count($paint->stops).' '.$paint->stretch,
            default => 'flat',
        };
    }

    public static function stretch(Paint $paint): float
    {
        return $paint instanceof RadialPaint ? $paint->stretch : 1.0;
    }

    /**
     * A fill, or a line where the node has one.
     *
     * @param non-empty-array<int, array{paint: Paint, dashes: list<float>}> $seen by frame, all of one form
     * @param array<int, int> $frames of the piece, by frame of the film
     *
     * @return array<string, mixed> a shape
     */
    public static function shape(PathNode $node, array $seen, array $frames): array
    {
        $paints = array_map(static fn (array $one): Paint => $one['paint'], $seen);
        $shape = [...self::coloured($paints), 'o' => ['a' => 0, 'k' => 100]];
        $stroke = $node->stroke;
        if ($stroke === null) {
            return ['ty' => isset($shape['g']) ? 'gf' : 'fl', ...$shape, 'r' => 1];
        }
        $widths = [];
        foreach (array_keys($seen) as $at) {
            $widths[$at] = $stroke->width->at($frames[$at]);
        }
        $dashes = array_map(static fn (array $one): array => $one['dashes'], $seen);

        return [
            'ty' => isset($shape['g']) ? 'gs' : 'st',
            ...$shape,
            'w' => Keys::number($widths),
            'lc' => self::CAPS[$stroke->caps] ?? 1,
            'lj' => self::ROUND_JOIN,
            ...reset($dashes) === [] ? [] : ['d' => self::dashes($dashes)],
        ];
    }

    /**
     * @param non-empty-array<int, list<float>> $dashes by frame: dash, gap, offset
     *
     * @return list<array<string, mixed>>
     */
    private static function dashes(array $dashes): array
    {
        return array_map(static fn (string $what, int $place): array => [
            'n' => $what,
            'v' => Keys::number(array_map(static fn (array $one): float => $one[$place], $dashes)),
        ], ['d', 'g', 'o'], [0, 1, 2]);
    }

    /**
     * @param non-empty-array<int, Paint> $paints by frame, all of one form
     *
     * @return array<string, mixed>
     */
    private static function coloured(array $paints): array
    {
        $first = reset($paints);
        if ($first instanceof FlatPaint) {
            return ['c' => Keys::list(array_map(
                static fn (Paint $one): array => [...self::parts($one instanceof FlatPaint ? $one->colour : ''), 1.0],
                $paints,
            ))];
        }
        $ends = array_map(self::ends(...), $paints);
        $stops = array_map(self::stops(...), $paints);

        return [
            't' => $first instanceof RadialPaint ? self::RADIAL : self::LINEAR,
            's' => Keys::list(array_map(static fn (array $one): array => [$one[0], $one[1]], $ends)),
            'e' => Keys::list(array_map(static fn (array $one): array => [$one[2], $one[3]], $ends)),
            'g' => ['p' => count(self::stopsOf($first)), 'k' => Keys::list($stops)],
        ];
    }

    /** @return array{float, float, float, float} */
    private static function ends(Paint $paint): array
    {
        if ($paint instanceof RadialPaint) {
            $y = $paint->y / $paint->stretch;

            return [$paint->x, $y, $paint->x + $paint->radius, $y];
        }

        return $paint instanceof LinearPaint
            ? [$paint->x, $paint->y, $paint->toX, $paint->toY]
            : [0.0, 0.0, 0.0, 0.0];
    }

    /** @return list<array{float, string, float}> */
    private static function stopsOf(Paint $paint): array
    {
        return $paint instanceof LinearPaint || $paint instanceof RadialPaint ? $paint->stops : [];
    }

    /**
     * Places and colours of all stops, then places and opacities.
     *
     * @return list<float>
     */
    private static function stops(Paint $paint): array
    {
        $colours = $opacities = [];
        foreach (self::stopsOf($paint) as [$place, $colour, $opacity]) {
            array_push($colours, $place, ...self::parts($colour));
            array_push($opacities, $place, $opacity);
        }

        return [...$colours, ...$opacities];
    }

    /** @return array{float, float, float} red, green and blue, 0 to 1 */
    public static function parts(string $colour): array
    {
        $part = static fn (int $at): float => (float) hexdec(substr($colour, $at, 2)) / 255;

        return [$part(1), $part(3), $part(5)];
    }
}
