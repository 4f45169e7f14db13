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
    /** colours that can be told apart at all; beyond, they come again */
    private const MOST = 60;

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
                $colours[$id] = $chart->own($id)->colour ?? $family[$place];
            }

            return $colours;
        }
        $numbers = self::numbers($chart, $table);
        $family = self::family($chart->finish, $numbers === [] ? 1 : max($numbers) + 1);
        $colours = [];
        foreach ($table->rows as $row) {
            $colours[$row->id] = $chart->own($row->id)->colour ?? $family[$numbers[$row->id] % count($family)];
        }

        return $colours;
    }

    /**
     * Which colour of the set, or which coats in turn, each row takes: no two the same, as long as there are enough.
     *
     * @return array<string, int> by row id
     */
    public static function numbers(Chart $chart, Table $table): array
    {
        if ($chart->pick !== null) {
            // Of picked rows those that follow one another differ, wherever they stand in the sheet.
            return array_flip(array_map(static fn (Row $row): string => $row->id, $table->rows));
        }
        $numbers = $taken = [];
        foreach ($table->rows as $row) {
            $number = self::number($row->id);
            if ($number !== null && $number < self::MOST) {
                $numbers[$row->id] = $number;
                $taken[$number] = true;
            }
        }
        $next = 0;
        foreach ($table->rows as $row) {
            if (!isset($numbers[$row->id])) {
                while (isset($taken[$next])) {
                    ++$next;
                }
                $numbers[$row->id] = $next++;
            }
        }

        return $numbers;
    }

    /**
     * A set that has a colour for each that is wanted: its own, and as many more as are missing, each told from all
     * before it. They are the same every time, so rows that come in by any way change no other. A set of one colour is
     * that colour for all.
     *
     * @param non-empty-list<string> $swatches
     *
     * @return non-empty-list<string>
     */
    private static function grown(array $swatches, int $count): array
    {
        $count = count($swatches) === 1 ? 1 : min($count, self::MOST);
        $grown = $count > count($swatches) ? DistinctColours::of($swatches, $count) : $swatches;

        return $grown === [] ? $swatches : $grown;
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
            return self::grown($finish->swatches, $count);
        }
        if ($finish->colours === 'one') {
            return [$finish->swatches[0]];
        }
        $tints = Tints::of($finish->swatches[0], max(1, $count));

        return $tints === [] ? $finish->swatches : $tints;
    }
}
