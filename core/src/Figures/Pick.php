<?php

declare(strict_types=1);

namespace Lupine\Core\Figures;

use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use Lupine\Core\Piece\Column;
use Lupine\Core\Piece\PickSettings;
use Lupine\Core\Piece\Row;
use Lupine\Core\Piece\Table;

/**
 * Picks some rows of a table and puts the others together, exactly.
 *
 * Of parts of a whole a row that is not picked in a state is nothing there and part of the others, so that all parts
 * always come to the whole. On a scale it keeps its figure as well, and is only not shown.
 */
final class Pick
{
    /** the id of the figure that all others are */
    public const OTHERS = 'others';

    private const NOT_GROUPED = 'No group';

    /** numbers that are added as whole ones: digits before and after the point */
    private const PLAIN = '/^-?\d{1,9}(?:\.\d{1,6})?$/D';
    private const SCALE = 1_000_000;
    private const DIGITS = 6;

    private function __construct(private readonly PickSettings $settings, private readonly bool $isOnScale)
    {
    }

    /**
     * @param non-empty-list<array{Table, non-empty-list<string>}> $states tables with the columns that are shown
     * @param bool $isOnScale whether figures stand on a scale, and are not parts of a whole
     *
     * @throws ImpossibleFigures where a cell is not a number
     */
    public static function of(PickSettings $settings, array $states, bool $isOnScale): Picked
    {
        $pick = new self($settings, $isOnScale);
        if ($settings->by === 'group') {
            $states = array_map(
                static fn (array $state): array => [self::grouped($state[0], $state[1]), $state[1]],
                $states,
            );
        }
        $members = $all = [];
        foreach ($states as [$table, $columns]) {
            $chosen = $pick->members($table, $columns);
            $members[] = $chosen;
            $all += $chosen;
        }
        $hasOthers = count($states[0][0]->rows) > count($all)
            || array_filter($members, static fn (array $one): bool => $one !== $all) !== [];
        $hasOthers = $hasOthers && ($settings->hasOthers || !$isOnScale);
        $tables = $outside = [];
        foreach ($states as $state => [$table, $columns]) {
            $tables[] = $pick->table($table, $columns, $all, $members[$state], $hasOthers);
            $outside[] = $isOnScale ? array_diff_key($all, $members[$state]) : [];
        }

        return new Picked($tables, $outside, max(array_map(count(...), $members)) + ($hasOthers ? 1 : 0));
    }

    /**
     * @param non-empty-list<string> $columns
     *
     * @return array<string, true> the rows that are picked, by id
     */
    private function members(Table $table, array $columns): array
    {
        $ids = array_map(static fn (Row $row): string => $row->id, $table->rows);
        if ($this->settings->by === 'label') {
            $ids = RowOrder::of($table, null, false);
        } else {
            $sizes = array_fill(0, count($ids), 0.0);
            foreach ($columns as $column) {
                $at = $table->columnIndex($column);
                foreach ($table->rows as $place => $row) {
                    $typed = $row->cells[$at];
                    $sizes[$place] += preg_match(self::PLAIN, $typed) === 1
                        ? (float) $typed
                        : self::cell($row, $place, $typed)->value->toFloat();
                }
            }
            $sizes = array_combine($ids, array_map(abs(...), $sizes));
            arsort($sizes);
            $ids = array_map(strval(...), array_keys($sizes));
        }
        // What the others leave of the whole is never one of those that are put together.
        $rests = [];
        foreach ($table->rows as $row) {
            foreach ($columns as $column) {
                if (strtolower(trim($row->cells[$table->columnIndex($column)])) === 'rest') {
                    $rests[$row->id] = true;
                }
            }
        }

        return array_fill_keys(array_slice($ids, 0, $this->settings->count), true) + $rests;
    }

    /**
     * @param non-empty-list<string> $columns
     * @param array<string, true> $all rows that are picked in any state
     * @param array<string, true> $members those of this one
     */
    private function table(Table $table, array $columns, array $all, array $members, bool $hasOthers): Table
    {
        $rows = $left = [];
        foreach ($table->rows as $place => $row) {
            $isMember = isset($members[$row->id]);
            if (!$isMember && $hasOthers) {
                $left[$place] = $row;
            }
            if (isset($all[$row->id])) {
                $rows[$row->id] = $isMember || $this->isOnScale
                    ? $row
                    : new Row($row->id, $row->label, array_fill(0, count($row->cells), '0'), $row->sure, $row->group);
            }
        }
        if ($this->settings->by === 'label') {
            $places = array_flip(RowOrder::of($table, null, false));
            uasort($rows, static fn (Row $one, Row $other): int => $places[$one->id] <=> $places[$other->id]);
        }
        if ($hasOthers) {
            $cells = array_map(
                static fn (Column $column): string => in_array($column->id, $columns, true)
                    ? self::sum($left, $table->columnIndex($column->id))
                    : '0',
                $table->columns,
            );
            $sure = $cells[$table->columnIndex($columns[0])];
            $rows[self::OTHERS] = new Row(self::OTHERS, $this->settings->label, $cells, $sure);
        }

        return $table->withRows(array_values($rows));
    }

    /**
     * The exact sum of a column, as it could have been typed.
     *
     * @param array<int, Row> $rows by their places in the sheet
     */
    private static function sum(array $rows, int $column): string
    {
        [$whole, $others, $decimals, $unit] = [0, null, 0, null];
        foreach ($rows as $place => $row) {
            $typed = $row->cells[$column];
            if (preg_match(self::PLAIN, $typed) === 1) {
                [$before, $after] = explode('.', $typed.'.');
                $decimals = max($decimals, strlen($after));
                $part = abs((int) $before) * self::SCALE + (int) str_pad($after, self::DIGITS, '0');
                $whole += $typed[0] === '-' ? -$part : $part;
                continue;
            }
            if (trim($typed) === '') {
                continue;
            }
            $cell = self::cell($row, $place, $typed);
            $others = ($others ?? BigRational::zero())->plus($cell->value)->simplified();
            $decimals = max($decimals, $cell->decimals);
            $unit ??= $cell->unit;
        }
        $sum = BigRational::nd($whole, self::SCALE)->plus($others ?? 0)->simplified();
        $written = $sum->toScale(min(12, $decimals), RoundingMode::HALF_UP);

        return CellNumber::withUnit($written->isEqualTo($sum) ? (string) $written : (string) $sum, $unit ?? '');
    }

    /** @throws ImpossibleFigures */
    private static function cell(Row $row, int $place, string $typed): CellNumber
    {
        if (trim($typed) === '') {
            return CellNumber::read('0');
        }
        try {
            return CellNumber::read($typed);
        } catch (NotANumber $reason) {
            throw new ImpossibleFigures(
                sprintf('Row %d, “%s”: %s', $place + 1, $row->label, $reason->getMessage()),
                'row '.($place + 1),
                $row->id,
            );
        }
    }

    /**
     * A row for each group, with the sums of its rows.
     *
     * @param non-empty-list<string> $columns
     */
    private static function grouped(Table $table, array $columns): Table
    {
        $groups = $names = [];
        foreach ($table->rows as $place => $row) {
            $name = trim($row->group ?? '');
            $name = $name === '' ? self::NOT_GROUPED : $name;
            $id = 'group-'.substr(sha1($name), 0, 12);
            $names[$id] = $name;
            $groups[$id][$place] = $row;
        }
        $rows = [];
        foreach ($groups as $id => $its) {
            $cells = array_map(
                static fn (Column $column): string => in_array($column->id, $columns, true)
                    ? self::sum($its, $table->columnIndex($column->id))
                    : '0',
                $table->columns,
            );
            $sure = $cells[$table->columnIndex($columns[0])];
            $rows[] = new Row($id, $names[$id], $cells, $sure, $names[$id]);
        }

        return $table->withRows($rows);
    }
}
