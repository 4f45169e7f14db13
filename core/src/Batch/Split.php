<?php

declare(strict_types=1);

namespace Lupine\Core\Batch;

use Lupine\Core\Figures\ImpossibleFigures;
use Lupine\Core\Import\Choices;
use Lupine\Core\Import\Grid;
use Lupine\Core\Import\Taking;
use Lupine\Core\Piece\Column;
use Lupine\Core\Piece\Row;
use Lupine\Core\Piece\Table;

/** One table as several: one for each name in a column of it, or one for each column of numbers. */
final readonly class Split
{
    /**
     * The rows of each name in a column, in the order in which the names first come.
     *
     * @param int $column index in the grid, such as the one that says which school a row is of
     *
     * @return array{list<NamedTable>, array<string, string>} tables, and why one cannot be read, by its name
     *
     * @throws ImpossibleFigures where nothing is a table
     */
    public static function byNames(Grid $grid, int $column, Choices $choices = new Choices()): array
    {
        $roles = [$column => 'none'] + $choices->roles;
        $whole = Taking::from($grid, new Choices(
            $choices->heading,
            $roles,
            $choices->withHidden,
            true,
            $choices->numbers,
        ));
        $rows = [];
        foreach ($grid->rows as $index => $row) {
            $name = $index > $whole->heading ? $grid->cell($index, $column) : '';
            if ($name !== '' && !in_array($index, $grid->hiddenRows, true)) {
                $rows[$name][] = $row;
            }
        }
        $head = $whole->heading < 0 ? [] : [$grid->rows[$whole->heading]];
        $tables = $wrong = [];
        foreach ($rows as $name => $its) {
            // A name of digits alone is a number as a key.
            $name = sprintf('%s', $name);
            $one = new Choices($whole->heading < 0 ? -1 : 0, $roles, true, $choices->withTotals, $choices->numbers);
            try {
                $part = new Grid($name, [...$head, ...$its], $grid->style, [], $grid->hiddenColumns);
                $taken = Taking::from($part, $one);
                $tables[] = new NamedTable($name, $taken->table, $taken->colours);
            } catch (ImpossibleFigures $reason) {
                $wrong[$name] = $reason->getMessage();
            }
        }

        return [$tables, $wrong];
    }

    /**
     * A table for each column, with the names of all rows.
     *
     * @return list<NamedTable>
     */
    public static function byColumns(Table $table): array
    {
        return array_map(
            static fn (int $place, Column $column): NamedTable => new NamedTable($column->name, new Table(
                $table->id,
                $table->name,
                [$column],
                array_map(
                    static fn (Row $row): Row => new Row(
                        $row->id,
                        $row->label,
                        [$row->cells[$place]],
                        $row->sure,
                        $row->group,
                    ),
                    $table->rows,
                ),
                null,
                null,
            )),
            array_keys($table->columns),
            $table->columns,
        );
    }
}
