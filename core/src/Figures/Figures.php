<?php

declare(strict_types=1);

namespace Lupine\Core\Figures;

use Brick\Math\BigRational;
use Lupine\Core\Piece\Row;
use Lupine\Core\Piece\Table;
use Lupine\Core\Problem;

/** One value column of a table, resolved for a form that shows parts of a whole. */
final readonly class Figures
{
    /** @var array<string, Figure> */
    private array $byId;

    /**
     * @param list<Figure> $list in the order of the sheet
     * @param list<Problem> $notices
     */
    private function __construct(public array $list, public BigRational $whole, public array $notices)
    {
        $this->byId = array_column($list, null, 'id');
    }

    public function byId(string $id): Figure
    {
        return $this->byId[$id];
    }

    /**
     * Parts of a whole. The whole is what the table says it is, else 100 where the cells are percentages, else the
     * sum. One part may be “rest”: whatever the others leave of the whole. Parts that come to more than the whole are
     * shown as parts of their sum, with a notice. An empty cell counts as nothing, with a notice.
     *
     * @throws ImpossibleFigures where a cell is not a number, a part is negative, all are zero or there are none
     */
    public static function ofWhole(Table $table, string $columnId): self
    {
        $column = $table->columnIndex($columnId);
        $cells = [];
        $notices = [];
        foreach ($table->rows as $number => $row) {
            $cell = self::cell($row, $column, $number + 1, $notices);
            if ($cell->value->isNegative()) {
                throw new ImpossibleFigures(
                    sprintf(
                        'Row %d, “%s”, is %s. A part of a whole cannot be negative: change the figure, or choose a form that can go below zero.',
                        $number + 1,
                        $row->label,
                        trim($row->cells[$column]),
                    ),
                    'row '.($number + 1),
                    $row->id,
                );
            }
            $cells[] = $cell;
        }
        if ($cells === []) {
            throw new ImpossibleFigures(
                'The sheet has no rows yet. Type or paste at least one label and one number.',
                'the sheet',
            );
        }
        $whole = self::whole($table, $cells);
        $cells = self::fillRest($table, $cells, $whole);
        $sum = self::sumOf($cells);
        if ($sum->isZero()) {
            throw new ImpossibleFigures(
                'Every figure is zero, so there is nothing to divide. Give at least one row a number above zero.',
                'the sheet',
            );
        }
        if ($whole !== null && $sum->isGreaterThan($whole)) {
            $notices[] = Problem::notice(
                'over-whole',
                'the sheet',
                sprintf(
                    'The figures add up to %s of %s. Each is shown as its part of that sum; scale them, or take the surplus off the largest.',
                    self::plain($sum),
                    self::plain($whole),
                ),
            );
            $whole = $sum;
        }
        $whole ??= $sum;
        $list = [];
        foreach ($table->rows as $number => $row) {
            $cell = $cells[$number];
            $list[] = new Figure(
                $row->id,
                $row->label,
                $cell['value'],
                $cell['decimals'],
                $cell['unit'],
                $cell['value']->dividedBy($whole)->simplified(),
                $cell['isRest'],
            );
        }
        self::noticeLabels($table, $notices);

        return new self($list, $whole, $notices);
    }

    /**
     * The list in the order in which a form lays it out. Ties keep the order of the sheet.
     *
     * @param string $order sheet, descending or ascending
     *
     * @return list<Figure>
     */
    public function ordered(string $order): array
    {
        $list = $this->list;
        if ($order === 'descending') {
            usort($list, static fn (Figure $a, Figure $b): int => $b->exact->compareTo($a->exact));
        } elseif ($order === 'ascending') {
            usort($list, static fn (Figure $a, Figure $b): int => $a->exact->compareTo($b->exact));
        }

        return $list;
    }

    /**
     * The percentages to show, which add up.
     *
     * @param int $decimals digits after the point
     *
     * @return array<string, BigRational> by figure id, in percent
     */
    public function shownPercentages(int $decimals): array
    {
        $percent = array_map(
            static fn (Figure $figure): BigRational => $figure->exactShare->multipliedBy(100),
            $this->list,
        );

        return array_combine(
            array_map(static fn (Figure $figure): string => $figure->id, $this->list),
            LargestRemainder::round($percent, $decimals),
        );
    }

    /** @param list<Problem> $notices */
    private static function cell(Row $row, int $column, int $number, array &$notices): CellNumber
    {
        $typed = $row->cells[$column] ?? '';
        if (trim($typed) === '') {
            $notices[] = Problem::notice(
                'empty-cell',
                'row '.$number,
                sprintf('Row %d, “%s”, has no number yet and counts as 0.', $number, $row->label),
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
    private static function whole(Table $table, array $cells): ?BigRational
    {
        if ($table->whole !== null) {
            try {
                $whole = CellNumber::read($table->whole)->value;
            } catch (NotANumber $reason) {
                throw new ImpossibleFigures('The whole: '.$reason->getMessage(), 'the whole');
            }
            if ($whole->isNegativeOrZero()) {
                throw new ImpossibleFigures('The whole has to be above zero.', 'the whole');
            }

            return $whole;
        }
        foreach ($cells as $cell) {
            if ($cell->unit === '%') {
                return BigRational::of(100);
            }
        }

        return null;
    }

    /**
     * @param list<CellNumber> $cells
     *
     * @return list<array{value: BigRational, decimals: int, unit: string, isRest: bool}>
     */
    private static function fillRest(Table $table, array $cells, ?BigRational $whole): array
    {
        $rest = null;
        $sum = BigRational::zero();
        $decimals = 0;
        $unit = '';
        $filled = [];
        foreach ($cells as $number => $cell) {
            if ($cell->isRest && $rest !== null) {
                throw new ImpossibleFigures(
                    sprintf(
                        'Row %d says “rest”, and row %d does too. Only one part can be the rest of the whole.',
                        $number + 1,
                        $rest + 1,
                    ),
                    'row '.($number + 1),
                    $table->rows[$number]->id,
                );
            }
            $rest = $cell->isRest ? $number : $rest;
            $sum = $sum->plus($cell->value)->simplified();
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
        if ($whole === null) {
            throw new ImpossibleFigures(
                sprintf(
                    'Row %d says “rest”, but of what? Give the whole, for example 100, below the sheet.',
                    $rest + 1,
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

    /** @param list<array{value: BigRational, decimals: int, unit: string, isRest: bool}> $cells */
    private static function sumOf(array $cells): BigRational
    {
        $sum = BigRational::zero();
        foreach ($cells as $cell) {
            $sum = $sum->plus($cell['value'])->simplified();
        }

        return $sum->simplified();
    }

    /** @param list<Problem> $notices */
    private static function noticeLabels(Table $table, array &$notices): void
    {
        $seen = [];
        foreach ($table->rows as $number => $row) {
            $label = trim($row->label);
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

    private static function plain(BigRational $number): string
    {
        return rtrim(rtrim(number_format($number->toFloat(), 4, '.', ','), '0'), '.');
    }
}
