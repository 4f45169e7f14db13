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
}
