<?php

declare(strict_types=1);

namespace Lupine\Core\Figures;

use Brick\Math\BigRational;
use Lupine\Core\Piece\Row;
use Lupine\Core\Piece\Table;
use Lupine\Core\Problem;
use Lupine\Core\Repair;

/** One value column of a table, read cell by cell. */
final readonly class ReadColumn
{
    /**
     * @param list<Problem> $notices
     * @param string|null $whyNotNegative what to say of an amount below zero; null where there may be some
     *
     * @return non-empty-list<CellNumber> one for each row
     *
     * @throws ImpossibleFigures where one is not a number, is below zero and may not be, or there are none
     */
    public static function cells(Table $table, string $columnId, array &$notices, ?string $whyNotNegative): array
    {
        $column = $table->columnIndex($columnId);
        $cells = [];
        foreach ($table->rows as $number => $row) {
            $cell = self::cell($row, $column, $number + 1, $notices);
            if ($cell->value->isNegative() && $whyNotNegative !== null) {
                $given = [$number + 1, $row->label, trim($row->cells[$column]), $whyNotNegative];
                throw new ImpossibleFigures(
                    vsprintf('Row %d, “%s”, is %s. %s', $given),
                    'row '.($number + 1),
                    $row->id,
                );
            }
            $cells[] = $cell;
        }

        return $cells !== [] ? $cells : throw new ImpossibleFigures(
            'The sheet is empty. Type or paste at least one label and one number.',
            'the sheet',
        );
    }

    /**
     * @param list<Problem> $notices
     *
     * @throws ImpossibleFigures where it is not a number
     */
    private static function cell(Row $row, int $column, int $number, array &$notices): CellNumber
    {
        $typed = $row->cells[$column] ?? '';
        if (trim($typed) === '' && trim($row->label) === '') {
            // A row that nothing was typed into yet says nothing.
            return CellNumber::read('0');
        }
        if (trim($typed) === '') {
            $notices[] = Problem::notice(
                'empty-cell',
                'row '.$number,
                sprintf('Row %d, “%s”, has no number and counts as 0.', $number, $row->label),
                $row->id,
            );

            return CellNumber::read('0');
        }
        try {
            return CellNumber::read($typed);
        } catch (NotANumber $reason) {
            throw new ImpossibleFigures(
                sprintf('Row %d, “%s”: %s', $number, $row->label, $reason->getMessage()),
                'row '.$number,
                $row->id,
            );
        }
    }

    /** @param list<CellNumber> $cells */
    public static function whole(Table $table, array $cells): ?BigRational
    {
        if ($table->whole !== null) {
            try {
                $whole = CellNumber::read($table->whole)->value;
            } catch (NotANumber $reason) {
                throw new ImpossibleFigures('The whole: '.$reason->getMessage(), 'the whole');
            }
            if ($whole->isNegativeOrZero()) {
                throw new ImpossibleFigures('The whole must be above zero.', 'the whole');
            }

            return $whole;
        }
        $hasRest = false;
        foreach ($cells as $cell) {
            if ($cell->unit === '%') {
                return BigRational::of(100);
            }
            $hasRest = $hasRest || $cell->isRest;
        }

        // “65 and the rest” is said of a hundred.
        return $hasRest && Exact::sum(array_column($cells, 'value'))->isLessThanOrEqualTo(100)
            ? BigRational::of(100)
            : null;
    }

    /**
     * One figure alone, where parts of a whole are wanted: of what?
     *
     * @param list<CellNumber> $cells
     *
     * @return list<Problem>
     */
    public static function onlyOne(Table $table, array $cells, ?BigRational $whole): array
    {
        if ($whole !== null || count($cells) !== 1 || $cells[0]->value->isGreaterThan(100)) {
            return [];
        }
        $repair = Repair::rest('Show as part of 100', '100');

        return [
            Problem::notice(
                'only-one',
                'the sheet',
                sprintf('%s is the only figure, so it fills the whole.', trim($table->rows[0]->cells[0])),
                null,
                [$repair],
            ),
        ];
    }

    /**
     * @param list<CellNumber> $cells
     *
     * @return list<array{value: BigRational, decimals: int, unit: string, isRest: bool}>
     */
    public static function fillRest(Table $table, array $cells, ?BigRational $whole): array
    {
        $rest = null;
        $decimals = 0;
        $unit = '';
        $filled = [];
        foreach ($cells as $number => $cell) {
            if ($cell->isRest && $rest !== null) {
                throw new ImpossibleFigures(
                    sprintf(
                        'Rows %d and %d both say “rest”. Only one row can be the rest.',
                        $number + 1,
                        $rest + 1,
                    ),
                    'row '.($number + 1),
                    $table->rows[$number]->id,
                );
            }
            $rest = $cell->isRest ? $number : $rest;
            $decimals = max($decimals, $cell->decimals);
            $unit = $cell->unit !== '' ? $cell->unit : $unit;
            $filled[] = [
                'value' => $cell->value,
                'decimals' => $cell->decimals,
                'unit' => $cell->unit,
                'isRest' => $cell->isRest,
            ];
        }
        if ($rest === null) {
            return $filled;
        }
        $sum = Exact::sum(array_column($cells, 'value'));
        if ($whole === null) {
            throw new ImpossibleFigures(
                sprintf(
                    'Row %d says “rest”, but the others already add up to %s. Enter the whole.',
                    $rest + 1,
                    rtrim(rtrim(number_format($sum->toFloat(), 2), '0'), '.'),
                ),
                'row '.($rest + 1),
                $table->rows[$rest]->id,
            );
        }
        $value = $whole->minus($sum);
        $filled[$rest] = [
            'value' => $value->isNegative() ? BigRational::zero() : $value->simplified(),
            'decimals' => $decimals,
            'unit' => $unit,
            'isRest' => true,
        ];

        return $filled;
    }

    /** @param list<Problem> $notices */
    public static function noticeLabels(Table $table, array &$notices): void
    {
        $seen = [];
        foreach ($table->rows as $number => $row) {
            $label = trim($row->label);
            if ($label === '' && implode('', array_map(trim(...), $row->cells)) === '') {
                continue;
            }
            if ($label === '') {
                $notices[] = Problem::notice(
                    'no-label',
                    'row '.($number + 1),
                    sprintf('Row %d has no label.', $number + 1),
                    $row->id,
                );
            } elseif (isset($seen[$label])) {
                $notices[] = Problem::notice(
                    'same-label',
                    'row '.($number + 1),
                    sprintf('Rows %d and %d are both called “%s”.', $seen[$label], $number + 1, $label),
                    $row->id,
                );
            } else {
                $seen[$label] = $number + 1;
            }
        }
    }
}
