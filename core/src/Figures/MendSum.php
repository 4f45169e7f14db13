<?php

declare(strict_types=1);

namespace Lupine\Core\Figures;

use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use Lupine\Core\Piece\Row;
use Lupine\Core\Piece\Table;
use Lupine\Core\Repair;

/** Two ways to bring parts that come to more (or less) than the whole back to it. */
final readonly class MendSum
{
    /** Every part keeps its proportion; what is left by rounding goes where most was lost. */
    public static function scaled(Table $table, string $columnId): Table
    {
        [$index, $cells, $sum, $whole] = self::understood($table, $columnId);
        $decimals = max([1, ...array_map(static fn (CellNumber $cell): int => $cell->decimals, $cells)]);
        $parts = array_map(
            static fn (CellNumber $cell): BigRational => $cell->value->multipliedBy($whole)->dividedBy($sum),
            $cells,
        );

        return self::with($table, $index, $cells, LargestRemainder::round($parts, $decimals), $decimals);
    }

    /** The difference comes off the largest part (the first, among equals). */
    public static function offTheLargest(Table $table, string $columnId): Table
    {
        [$index, $cells, $sum, $whole] = self::understood($table, $columnId);
        $decimals = max([0, ...array_map(static fn (CellNumber $cell): int => $cell->decimals, $cells)]);
        $values = array_map(static fn (CellNumber $cell): BigRational => $cell->value, $cells);
        $largest = 0;
        foreach ($values as $place => $value) {
            $largest = $value->isGreaterThan($values[$largest]) ? $place : $largest;
        }
        $values[$largest] = $values[$largest]->minus($sum->minus($whole));
        if ($values[$largest]->isNegative()) {
            throw new ImpossibleFigures(
                sprintf(
                    'The largest part, “%s”, is smaller than the excess. Scale all parts instead.',
                    $table->rows[$largest]->label,
                ),
                'row '.($largest + 1),
                $table->rows[$largest]->id,
            );
        }

        return self::with($table, $index, $cells, array_values($values), $decimals);
    }

    /** What differs between a table and the same one mended, as something to be offered. */
    public static function repair(string $label, Table $before, Table $after, string $columnId): Repair
    {
        $column = $before->columnIndex($columnId);
        $cells = [];
        foreach ($after->rows as $place => $row) {
            if ($row->cells[$column] !== $before->rows[$place]->cells[$column]) {
                $cells[$row->id] = $row->cells[$column];
            }
        }

        return Repair::cells($label, $cells);
    }

    /** @return array{int, list<CellNumber>, BigRational, BigRational} */
    private static function understood(Table $table, string $columnId): array
    {
        $index = $table->columnIndex($columnId);
        $cells = array_map(
            static fn (Row $row): CellNumber => CellNumber::read(
                trim($row->cells[$index]) === '' ? '0' : $row->cells[$index],
            ),
            $table->rows,
        );
        $sum = BigRational::zero();
        foreach ($cells as $cell) {
            $sum = $sum->plus($cell->value)->simplified();
        }
        if ($sum->isNegativeOrZero()) {
            throw new ImpossibleFigures('Nothing to scale: the figures add up to 0.', 'the sheet');
        }

        return [
            $index,
            $cells,
            $sum,
            $table->whole === null ? BigRational::of(100) : CellNumber::read($table->whole)->value,
        ];
    }

    /**
     * @param list<CellNumber> $cells
     * @param list<BigRational> $values
     */
    private static function with(Table $table, int $index, array $cells, array $values, int $decimals): Table
    {
        $rows = [];
        foreach ($table->rows as $number => $row) {
            $typed = $row->cells;
            if (!$cells[$number]->isRest && !$values[$number]->isEqualTo($cells[$number]->value)) {
                $text = (string) $values[$number]->toScale($decimals, RoundingMode::HALF_UP);
                $typed[$index] = match ($cells[$number]->unit) {
                    '' => $text,
                    '%' => $text.' %',
                    default => $cells[$number]->unit.' '.$text,
                };
            }
            $rows[] = new Row($row->id, $row->label, array_values($typed), $row->sure, $row->group);
        }

        return new Table($table->id, $table->name, $table->columns, $rows, $table->timeColumn, $table->whole);
    }
}
