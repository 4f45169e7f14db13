<?php

declare(strict_types=1);

namespace Lupine\Core\Finish;

use Lupine\Core\Piece\Chart;
use Lupine\Core\Piece\FinishSettings;
use Lupine\Core\Piece\Row;
use Lupine\Core\Piece\Table;

/**
 * Which colour each row of a table has. Of a set it follows the row, so that new figures do not change it; a family of
 * tints runs along the order in which the marks are drawn.
 */
final readonly class MarkColours
{
    /**
     * @param list<string>|null $order row ids in the order in which they are drawn; that of the sheet if not given
     *
     * @return array<string, string> by row id
     */
    public static function of(Chart $chart, Table $table, ?array $order = null): array
    {
        if ($chart->finish->colours === 'tints') {
            $order ??= array_map(static fn (Row $row): string => $row->id, $table->rows);
            $family = self::family($chart->finish, count($order));
            $colours = [];
            foreach ($order as $place => $id) {
                $colours[$id] = $chart->own($id)->fill ?? $family[$place];
            }

            return $colours;
        }
        $numbers = [];
        foreach ($table->rows as $index => $row) {
            // Of picked rows those that follow one another differ, wherever they stand in the sheet.
            $numbers[$row->id] = ($chart->pick === null ? self::number($row->id) : null) ?? $index;
        }
        $family = $chart->finish->swatches;
        $colours = [];
        foreach ($table->rows as $row) {
            $colours[$row->id] = $chart->own($row->id)->fill ?? $family[$numbers[$row->id] % count($family)];
        }

        return $colours;
    }

    /** @return list<string> one for each series */
    public static function ofSeries(Chart $chart, int $count): array
    {
        $family = self::family($chart->finish, $count);

        return array_map(
            static fn (int $series): string => $family[$series % count($family)],
            range(0, max(0, $count - 1)),
        );
    }

    /** A row keeps the number that it was made with, wherever it is moved to: `r3` is 2. */
    private static function number(string $rowId): ?int
    {
        return preg_match('/^r([1-9]\d{0,5})$/D', $rowId, $found) === 1 ? (int) $found[1] - 1 : null;
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
