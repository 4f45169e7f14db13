<?php

declare(strict_types=1);

namespace Lupine\Core\Import;

use Lupine\Core\Finish\DistinctColours;
use Lupine\Core\Finish\Tints;
use Lupine\Core\Piece\Table;

/** Colours that figures bring along: their own ones, or the tints of one for each group that they belong to. */
final readonly class RowColours
{
    /** groups beyond which colours do not tell them apart any more (common practice, no source) */
    private const MOST_GROUPS = 8;

    /**
     * @param array<string, string> $own colours that the table says, by row id
     *
     * @return array<string, string> `#rrggbb` by row id
     */
    public static function of(Table $table, array $own, string $swatch): array
    {
        if ($own !== []) {
            return $own;
        }
        $groups = [];
        foreach ($table->rows as $row) {
            if ($row->group !== null) {
                $groups[$row->group][] = $row->id;
            }
        }
        if (count($groups) < 2 || count($groups) > self::MOST_GROUPS || count($groups) === count($table->rows)) {
            return [];
        }
        $colours = [];
        $swatches = DistinctColours::of([$swatch], count($groups));
        foreach (array_values($groups) as $number => $ids) {
            $colours += array_combine($ids, Tints::of($swatches[$number], count($ids)));
        }

        return $colours;
    }
}
