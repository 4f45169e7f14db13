<?php

declare(strict_types=1);

namespace Lupine\Core\Motion;

use Lupine\Core\Figures\Figure;

/** Which part is the how-manyth to come or go, where they follow one another. */
final readonly class Sequence
{
    /**
     * @param string $name laid, backward, sheet, largest, smallest, outward or inward
     * @param list<list<Figure>> $places the figures of each place, as the form lays them out
     *
     * @return list<int> of each place, how many come before it
     */
    public static function of(string $name, array $places): array
    {
        $count = count($places);
        $middle = ($count - 1) / 2;
        $size = static fn (int $place): float => abs(array_sum(array_map(
            static fn (Figure $figure): float => $figure->value(),
            $places[$place],
        )));
        $keys = [];
        foreach ($places as $place => $figures) {
            $keys[] = match ($name) {
                'backward' => -$place,
                'largest' => -$size($place),
                'smallest' => $size($place),
                'outward' => abs($place - $middle),
                'inward' => -abs($place - $middle),
                default => $place,
            };
        }
        $order = range(0, max(0, $count - 1));
        // What is equal follows as it is laid out.
        usort(
            $order,
            static fn (int $one, int $other): int => [$keys[$one] ?? 0, $one] <=> [$keys[$other] ?? 0, $other],
        );

        return $count === 0 ? [] : array_values(array_replace($order, array_flip($order)));
    }
}
