<?php

declare(strict_types=1);

namespace Lupine\Core\Reel;

use Lupine\Core\Geometry\Decimal;

/** The stops of a gradient. */
final readonly class Stops
{
    /** @param list<array{float, string, float}> $stops place from 0 to 1, colour, opacity */
    public static function svg(array $stops): string
    {
        $text = '';
        foreach ($stops as [$place, $colour, $opacity]) {
            $seen = $opacity < 1 ? ' stop-opacity="'.Decimal::of($opacity, 4).'"' : '';
            $text .= sprintf('<stop offset="%s" stop-color="%s"%s/>', Decimal::of($place), $colour, $seen);
        }

        return $text;
    }

    /**
     * What a gradient is at a place: colours between two stops are mixed straight in sRGB, as a canvas and SVG do it.
     *
     * @param list<array{float, string, float}> $stops place from 0 to 1, colour, opacity; in order
     *
     * @return array{string, float} colour and opacity
     */
    public static function at(array $stops, float $place): array
    {
        $before = $stops[0] ?? [0.0, '#000000', 1.0];
        foreach ($stops as $stop) {
            if ($place < $stop[0]) {
                $part = $stop[0] > $before[0] ? max(0.0, ($place - $before[0]) / ($stop[0] - $before[0])) : 0.0;
                $mixed = array_map(
                    static fn (int $one, int $other): int => (int) round($one + ($other - $one) * $part),
                    self::parts($before[1]),
                    self::parts($stop[1]),
                );

                return [sprintf('#%02x%02x%02x', ...$mixed), $before[2] + ($stop[2] - $before[2]) * $part];
            }
            $before = $stop;
        }

        return [$before[1], $before[2]];
    }

    /** @return list<int> red, green and blue of 255 */
    private static function parts(string $colour): array
    {
        return array_map(static fn (string $part): int => (int) hexdec($part), str_split(substr($colour, 1), 2));
    }
}
