<?php

declare(strict_types=1);

namespace Lupine\Core\Figures;

use Brick\Math\BigRational;
use Lupine\Core\Piece\Table;
use Lupine\Core\Problem;
use Lupine\Core\Repair;

/** One value column of a table, resolved for what a form needs. */
final readonly class Figures
{
    /** @var array<string, Figure> */
    private array $byId;

    /** how many series there are side by side */
    private int $series;

    /**
     * @param list<Figure> $list in the order of the sheet
     * @param list<Problem> $notices
     */
    private function __construct(
        public array $list,
        public BigRational $whole,
        public array $notices,
        /** whether the whole was given, or is known because they are percentages; not what they come to */
        public bool $hasGivenWhole = false,
    ) {
        $this->byId = array_column($list, null, 'id');
        $this->series = 1 + max([0, ...array_map(static fn (Figure $figure): int => $figure->series, $list)]);
    }

    public function byId(string $id): Figure
    {
        return $this->byId[$id];
    }

    /**
     * What a form needs of a column.
     *
     * @throws ImpossibleFigures where the column does not have it
     */
    public static function of(Needs $needs, Table $table, string $columnId): self
    {
        return match ($needs) {
            Needs::Parts => self::ofWhole($table, $columnId),
            Needs::Amounts => self::ofAmounts($table, $columnId, false),
            Needs::SignedAmounts => self::ofAmounts($table, $columnId, true),
            Needs::One => self::ofOne($table, $columnId),
        };
    }

    /**
     * Amounts on a scale. Shares, where they are asked for, are of the whole that the table gives, else of the sum of
     * all amounts without their signs. A row that says “rest” is what the others leave of the whole.
     *
     * @throws ImpossibleFigures where a cell is not a number, an amount is below zero and may not be, or there are none
     */
    public static function ofAmounts(Table $table, string $columnId, bool $mayBeNegative): self
    {
        $notices = [];
        $cells = ReadColumn::cells(
            $table,
            $columnId,
            $notices,
            $mayBeNegative ? null : 'This form cannot show values below zero. Change the figure, or choose bars or columns.',
        );
        $whole = ReadColumn::whole($table, $cells);
        array_push($notices, ...Slips::inCells($table, $columnId, $cells));
        $isGiven = $whole !== null;
        $cells = ReadColumn::fillRest($table, $cells, $whole);
        $sum = Exact::sum(array_map(static fn (array $cell): BigRational => $cell['value']->abs(), $cells));
        $whole ??= $sum->isZero() ? BigRational::one() : $sum;
        $list = self::figures($table, $columnId, $cells, $whole);
        ReadColumn::noticeLabels($table, $notices);

        return new self($list, $whole, $notices, $isGiven);
    }

    /**
     * Several columns side by side: a figure for each cell, row by row. Its id is the row's and the column's, joined.
     *
     * @param list<string> $columnIds at least one
     *
     * @throws ImpossibleFigures where a cell is not a number, or an amount is below zero and may not be
     */
    public static function ofSeries(Table $table, array $columnIds, bool $mayBeNegative): self
    {
        $columns = array_map(
            static fn (string $columnId): self => self::ofAmounts($table, $columnId, $mayBeNegative),
            $columnIds,
        );
        $whole = Exact::sum(array_column($columns, 'whole'));
        $list = [];
        foreach ($table->rows as $place => $row) {
            foreach ($columns as $series => $column) {
                $figure = $column->list[$place];
                $list[] = new Figure(
                    $row->id.'-'.$columnIds[$series],
                    $row->label,
                    $figure->exact,
                    $figure->decimals,
                    $figure->unit,
                    Exact::quotient($figure->exact, $whole),
                    $figure->isRest,
                    $row->id,
                    $series,
                    $table->columns[$table->columnIndex($columnIds[$series])]->name,
                    $figure->isWorkedOut,
                    $figure->isGap,
                );
            }
        }

        return new self($list, $whole, array_merge([], ...array_column($columns, 'notices')));
    }

    /** The same, for a form in which what was not typed is a gap, and not nothing. */
    public function withGaps(): self
    {
        $notices = [];
        $labels = array_column($this->list, 'label', 'rowId');
        foreach ($this->notices as $notice) {
            $notices[] = $notice->code === 'empty-cell'
                ? Problem::notice(
                    'gap',
                    $notice->where,
                    sprintf('R%s, “%s”, has no number: there is a gap.', substr($notice->where, 1), $labels[$notice->rowId] ?? ''),
                    $notice->rowId,
                )
                : $notice;
        }

        return new self($this->list, $this->whole, $notices, $this->hasGivenWhole);
    }

    /** The same, of a table whose rows are not those of the sheet. */
    public function withoutNotices(): self
    {
        return new self($this->list, $this->whole, [], $this->hasGivenWhole);
    }

    /** How many series there are side by side. */
    public function seriesCount(): int
    {
        return $this->series;
    }

    /**
     * One amount: the only row, or the only one beside a rest.
     *
     * @throws ImpossibleFigures where there are more
     */
    public static function ofOne(Table $table, string $columnId): self
    {
        $all = self::ofAmounts($table, $columnId, false);
        $list = array_values(array_filter($all->list, static fn (Figure $figure): bool => !$figure->isRest));
        if (count($list) !== 1) {
            throw new ImpossibleFigures(
                sprintf(
                    'This form shows one figure; the sheet has %d. Keep one row, plus a “rest” row if you want one.',
                    count($list),
                ),
                'the sheet',
            );
        }

        return new self($list, $all->whole, $all->notices, $all->hasGivenWhole);
    }

    /** @return list<float> in the order of the sheet */
    public function values(): array
    {
        return array_map(static fn (Figure $figure): float => $figure->value(), $this->list);
    }

    /** Whether they were typed as percentages. */
    public function arePercentages(): bool
    {
        return array_filter($this->list, static fn (Figure $figure): bool => $figure->unit === '%') !== [];
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
        $notices = [];
        $cells = ReadColumn::cells(
            $table,
            $columnId,
            $notices,
            'A part of a whole cannot be negative: change the figure, or choose a form that can go below zero.',
        );
        $whole = ReadColumn::whole($table, $cells);
        array_push(
            $notices,
            ...Slips::inCells($table, $columnId, $cells),
            ...Slips::inShares($table, $columnId, $cells, $table->whole !== null),
            ...ReadColumn::onlyOne($table, $cells, $whole),
        );
        $cells = ReadColumn::fillRest($table, $cells, $whole);
        $sum = self::sumOf($cells);
        if ($sum->isZero()) {
            throw new ImpossibleFigures(
                'Every figure is zero. Enter a number above zero in at least one row.',
                'the sheet',
            );
        }
        if ($whole !== null && $sum->isGreaterThan($whole)) {
            if (!in_array('over-hundred', array_column($notices, 'code'), true)) {
                $notices[] = self::overWhole($table, $columnId, $sum, $whole);
            }
            $whole = null;
        }
        $isGiven = $whole !== null;
        $whole ??= $sum;
        $list = self::figures($table, $columnId, $cells, $whole);
        ReadColumn::noticeLabels($table, $notices);

        return new self($list, $whole, $notices, $isGiven);
    }

    private static function overWhole(Table $table, string $columnId, BigRational $sum, BigRational $whole): Problem
    {
        $plain = self::plain($sum);
        $repairs = [MendSum::repair('Scale to the whole', $table, MendSum::scaled($table, $columnId), $columnId)];
        try {
            $mended = MendSum::offTheLargest($table, $columnId);
            $repairs[] = MendSum::repair('Subtract it from the largest', $table, $mended, $columnId);
        } catch (ImpossibleFigures) {
            // The largest is less than the surplus.
        }
        $repairs[] = Repair::whole(sprintf('Set the whole to %s', $plain), (string) $sum->toFloat());

        return Problem::notice(
            'over-whole',
            'the sheet',
            sprintf(
                'The figures add up to %s, but the whole is %s. Each is shown as a share of the sum.',
                $plain,
                self::plain($whole),
            ),
            null,
            $repairs,
        );
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
        if ($order !== 'sheet' && $this->seriesCount() > 1) {
            return $this->orderedByRows($order);
        }
        // What all others are together comes after those that are told by name.
        $last = static fn (Figure $one): int => $one->rowId === Pick::OTHERS ? 1 : 0;
        $order = match ($order) {
            'descending' => -1,
            'ascending' => 1,
            default => 0,
        };
        if ($order === 0) {
            return $list;
        }
        usort($list, static function (Figure $a, Figure $b) use ($last, $order): int {
            if ($last($a) !== $last($b)) {
                return $last($a) - $last($b);
            }
            // Where floats differ they tell it, and sooner; fractions decide between those that are alike.
            $far = $a->value() <=> $b->value();

            return $order * ($far === 0 ? $a->exact->compareTo($b->exact) : $far);
        });

        return $list;
    }

    /** @return list<Figure> rows by what they come to; within a row the series keep their order */
    private function orderedByRows(string $order): array
    {
        $sums = [];
        $rows = [];
        foreach ($this->list as $figure) {
            $sums[$figure->rowId] = ($sums[$figure->rowId] ?? BigRational::zero())->plus($figure->exact);
            $rows[$figure->rowId][] = $figure;
        }
        uksort(
            $rows,
            static fn (string $a, string $b): int => [
                $a === Pick::OTHERS,
                ($order === 'descending' ? -1 : 1) * $sums[$a]->compareTo($sums[$b]),
            ] <=> [$b === Pick::OTHERS, 0],
        );

        return array_merge([], ...array_values($rows));
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

    /** @param list<array{value: BigRational, decimals: int, unit: string, isRest: bool}> $cells */
    private static function sumOf(array $cells): BigRational
    {
        return Exact::sum(array_column($cells, 'value'));
    }

    /**
     * @param list<array{value: BigRational, decimals: int, unit: string, isRest: bool}> $cells
     *
     * @return list<Figure>
     */
    private static function figures(Table $table, string $columnId, array $cells, BigRational $whole): array
    {
        $column = $table->columnIndex($columnId);
        $list = [];
        foreach ($table->rows as $number => $row) {
            $cell = $cells[$number];
            $list[] = new Figure(
                $row->id,
                $row->label,
                $cell['value'],
                $cell['decimals'],
                $cell['unit'],
                Exact::quotient($cell['value'], $whole),
                $cell['isRest'],
                $row->id,
                isWorkedOut: CellNumber::isWorkedOut($row->cells[$column] ?? ''),
                isGap: trim($row->cells[$column] ?? '') === '',
            );
        }

        return $list;
    }

    private static function plain(BigRational $number): string
    {
        return rtrim(rtrim(number_format($number->toFloat(), 4, '.', ','), '0'), '.');
    }
}
