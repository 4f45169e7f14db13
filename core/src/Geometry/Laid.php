<?php

declare(strict_types=1);

namespace Lupine\Core\Geometry;

/** An outline laid down: every height becomes a part of itself, and circles become ellipses; the figure is moved. */
final readonly class Laid
{
    /**
     * @param string $pathData absolute M, L, A and Z, with arcs of circles or of ellipses that lie level
     * @param float $part of the heights, above 0
     * @param Point $by what is added to each point then
     */
    public static function of(string $pathData, float $part, Point $by): string
    {
        preg_match_all('/[MLAZ]|-?(?:\d+\.?\d*|\.\d+)(?:[eE][-+]?\d+)?/', $pathData, $found);
        $parts = $found[0];
        $point = static fn (int $at): string => Decimal::of((float) $parts[$at] + $by->x)
            .' '.Decimal::of((float) $parts[$at + 1] * $part + $by->y);
        $laid = '';
        for ($place = 0, $count = count($parts); $place < $count; ++$place) {
            $command = $parts[$place];
            if ($command === 'A') {
                $laid .= 'A'.Decimal::of((float) $parts[$place + 1])
                    .' '.Decimal::of((float) $parts[$place + 2] * $part).' 0 '
                    .$parts[$place + 4].' '.$parts[$place + 5].' '.$point($place + 6);
                $place += 7;
            } elseif ($command === 'Z') {
                $laid .= 'Z';
            } else {
                $laid .= $command.$point($place + 1);
                $place += 2;
            }
        }

        return $laid;
    }
}
