<?php

declare(strict_types=1);

namespace Lupine\Core\Finish;

use Lupine\Core\Piece\Chart;
use Lupine\Core\Piece\FinishSettings;
use Lupine\Core\Piece\Row;
use Lupine\Core\Piece\Table;

/** Which colour each row of a table has. It follows the row, so that new figures do not change it. */
final readonly class MarkColours
{
    /** @return array<string, string> by row id */
    public static function of(Chart $chart, Table $table): array
    {
        $family = self::family($chart->finish, count($table->rows));
        $colours = [];
        foreach ($table->rows as $index => $row) {
            $colours[$row->id] = $chart->own($row->id)->fill ?? $family[$index % count($family)];
        }

        return $colours;
    }

    /** @return non-empty-list<string> */
    private static function family(FinishSettings $finish, int $count): array
    {
        if ($finish->colours === 'set') {
            return $finish->swatches;
        }
        $tints = Tints::of($finish->swatches[0], max(1, $count));

        return $tints === [] ? $finish->swatches : $tints;
    }
}
