<?php

declare(strict_types=1);

namespace Lupine\Core\Finish;

use Lupine\Core\Geometry\Box;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Piece\Coat\FillCoat;
use Lupine\Core\Piece\Coat\Stop;

/** What colour a gradient is at a point, as a canvas mixes it. */
final readonly class GradientColour
{
    /**
     * Source: HTML, the 2D rendering context, createLinearGradient and createRadialGradient: colours between two stops
     * are mixed straight in sRGB.
     *
     * @param string $part the colour that inks follow
     */
    public static function at(FillCoat $fill, Box $over, Point $point, string $part): Colour
    {
        $stops = array_map(
            static fn (Stop $stop): array => [$stop->at, Colour::hex(Inks::on($part, $stop->ink))],
            $fill->usualStops(),
        );
        usort($stops, static fn (array $one, array $other): int => $one[0] <=> $other[0]);
        $place = self::place($fill, $over, $point);
        $before = $stops[0];
        foreach ($stops as $stop) {
            if ($place < $stop[0]) {
                $part = $stop[0] > $before[0] ? ($place - $before[0]) / ($stop[0] - $before[0]) : 0.0;

                return $before[1]->mixedWith($stop[1], max(0.0, $part));
            }
            $before = $stop;
        }

        return $before[1];
    }

    /** How opaque it is at a point, 0 to 1. */
    public static function opacityAt(FillCoat $fill, Box $over, Point $point): float
    {
        $stops = array_map(static fn (Stop $stop): array => [$stop->at, $stop->opacity], $fill->usualStops());
        usort($stops, static fn (array $one, array $other): int => $one[0] <=> $other[0]);

        return self::fading($stops, self::place($fill, $over, $point));
    }

    /**
     * A number that falls off by straight lines.
     *
     * @param non-empty-list<array{float, float}> $fade place and value, rising in place
     */
    public static function fading(array $fade, float $place): float
    {
        $before = $fade[0];
        foreach ($fade as $next) {
            if ($place < $next[0]) {
                return $next[0] === $before[0] ? $next[1] : $before[1]
                    + ($next[1] - $before[1]) * ($place - $before[0]) / ($next[0] - $before[0]);
            }
            $before = $next;
        }

        return $before[1];
    }

    /** How far along the gradient, 0 where it begins and 1 where it ends. */
    private static function place(FillCoat $fill, Box $over, Point $point): float
    {
        if ($fill->kind === 'radial') {
            $radius = max(0.01, (hypot($over->width, $over->height) / 2) * $fill->size);

            return hypot(
                $point->x - $over->left - $over->width * $fill->x,
                $point->y - $over->top - $over->height * $fill->y,
            ) / $radius;
        }
        $turn = deg2rad($fill->degrees);
        $half = ((abs($over->width * sin($turn)) + abs($over->height * cos($turn))) / 2) * $fill->size;
        $middle = $over->middle();
        $along = ($point->x - $middle->x) * sin($turn) - ($point->y - $middle->y) * cos($turn);

        return 0.5 + $along / max(0.01, 2 * $half);
    }
}
