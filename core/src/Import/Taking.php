<?php

declare(strict_types=1);

namespace Lupine\Core\Import;

use Lupine\Core\Figures\CellNumber;
use Lupine\Core\Figures\ImpossibleFigures;
use Lupine\Core\Figures\PointInTime;
use Lupine\Core\Piece\Column;
use Lupine\Core\Piece\Row;
use Lupine\Core\Piece\Table;

/**
 * Takes a table out of a grid: a row for each figure, or for each figure at each moment, or for each moment. What is
 * not decided is guessed, and all that was understood and left out is said.
 */
final class Taking
{
    public const MAX_ROWS = Table::MAX_ROWS;
    public const MAX_COLUMNS = 240;
    public const MAX_CELLS = 100_000;
    public const MAX_FIELD = 200;

    private const SUMS = '/^((grand|sub|over)[\s-]*)?(total|totals|sum|in all|all|altogether|together|gesamt|summe'
        .'|insgesamt|average|mean|avg\.?|durchschnitt)\b|\b(sub)?total$/iu';
    private const MEANS = '/\b(average|mean|avg|durchschnitt)\b/iu';

    /** how far a sum may be from what its parts come to */
    private const ROUNDED = 0.006;

    private Columns $columns;
    private int $heading;

    /** the row above the heading that names several columns together; -1: none does */
    private int $upper = -1;

    /** @var list<int> columns of another table */
    private array $beside = [];

    /** @var list<int> indices of rows with figures */
    private array $rows;

    /** @var array<int, string> by column */
    private array $roles;

    /** @var list<string> */
    private array $understood = [];

    /** @var list<string> */
    private array $leftOut = [];

    private function __construct(private readonly Grid $grid, private readonly Choices $choices)
    {
        $this->columns = Columns::of($grid);
    }

    /**
     * @throws ImpossibleFigures where there is no number in it, or it is larger than Lupine takes
     */
    public static function from(Grid $grid, ?Choices $choices = null, string $tableId = 't1'): Taken
    {
        $taking = new self($grid, $choices ?? new Choices());
        $taking->findRows();
        $taking->findRoles();

        return $taking->take($tableId);
    }

    private function findRows(): void
    {
        $rows = [];
        $hidden = 0;
        $isHidden = $this->choices->withHidden ? [] : array_flip($this->grid->hiddenRows);
        foreach (array_keys($this->grid->rows) as $row) {
            if ($this->grid->isEmpty($row)) {
                continue;
            }
            if (isset($isHidden[$row])) {
                ++$hidden;
                continue;
            }
            $rows[] = $row;
        }
        if ($rows === []) {
            throw new ImpossibleFigures('The table is empty. Paste rows with a label and a number each.', 'the table');
        }
        $below = $this->choices->withTotals ? 0 : $this->columns->notes($rows);
        if ($below > 0) {
            $this->leftOut[] = $below === 1 ? 'One row below the table.' : sprintf('%d rows below the table.', $below);
            $rows = array_slice($rows, 0, -$below);
        }
        if ($this->choices->heading !== null) {
            $this->heading = $this->choices->heading;
            $this->rows = array_values(array_filter($rows, fn (int $row): bool => $row > $this->heading));
            $above = count($rows) - count($this->rows) - ($this->heading < 0 ? 0 : 1);
        } else {
            $above = $this->columns->titles($rows);
            $this->rows = array_slice($rows, $above);
            $this->upper = $this->columns->hasTwoHeadings($this->rows) ? (int) array_shift($this->rows) : -1;
            $this->heading = $this->columns->hasHeading($this->rows) ? (int) array_shift($this->rows) : -1;
        }
        if ($this->upper >= 0) {
            $this->understood[] = sprintf('Rows %d and %d name the columns.', $this->upper + 1, $this->heading + 1);
        } elseif ($this->heading >= 0) {
            $this->understood[] = sprintf('Row %d names the columns.', $this->heading + 1);
        }
        if ($above > 0) {
            $this->leftOut[] = $above === 1 ? 'One row above the table.' : sprintf('%d rows above the table.', $above);
        }
        if ($hidden > 0) {
            $this->leftOut[] = $hidden === 1
                ? 'One row that is hidden in the file.'
                : sprintf('%d rows that are hidden in the file.', $hidden);
        }
        array_push($this->leftOut, ...$this->grid->remarks);
    }

    private function findRoles(): void
    {
        $hidden = $this->choices->withHidden ? [] : $this->grid->hiddenColumns;
        // What is decided of one column says nothing of another table, but where it is one of that table's.
        $beside = $this->columns->beside($this->rows);
        $beside = array_intersect_key($this->choices->roles, array_flip($beside)) === [] ? $beside : [];
        $this->beside = $beside;
        if ($beside !== []) {
            $this->leftOut[] = sprintf(
                'Another table stands beside this one, from column %s on. Copy it by itself to take it.',
                Grid::letters($beside[0]),
            );
        }
        $roles = $this->columns->roles(
            $this->rows,
            $this->heading < 0 ? null : $this->heading,
            [...$hidden, ...$beside],
        );
        foreach ($this->choices->roles as $column => $role) {
            if (isset($roles[$column])) {
                // One column alone can name figures, or say when they are.
                foreach ($role === 'label' || $role === 'time' ? array_keys($roles, $role, true) : [] as $other) {
                    if (!isset($this->choices->roles[$other])) {
                        $roles[$other] = 'none';
                    }
                }
                $roles[$column] = $role;
            }
        }
        $this->roles = array_values($roles);
        if ($this->of('value') === []) {
            throw $this->noNumber();
        }
    }

    private function take(string $tableId): Taken
    {
        $time = $this->of('time')[0] ?? null;
        $label = $this->of('label')[0] ?? null;
        $layout = match (true) {
            $time !== null && $label !== null => 'long',
            $time !== null => 'moments',
            default => 'figures',
        };
        $this->leaveTotals($label, $layout);
        $sources = [];
        [$rows, $columns, $timeColumn] = match ($layout) {
            'long' => $this->long((int) $label, (int) $time, $sources),
            'moments' => $this->moments((int) $time),
            default => $this->figures($label, $sources),
        };
        if (count($columns) > self::MAX_COLUMNS) {
            throw new ImpossibleFigures(
                sprintf(
                    'The table has %s columns of figures; Lupine takes up to %d.',
                    number_format(count($columns)),
                    self::MAX_COLUMNS,
                ),
                'the table',
            );
        }
        $this->checkCount(count($rows));
        $this->remarkColumns();
        $name = $this->name($label ?? -1);
        $table = new Table($tableId, $layout === 'moments' ? '' : $name, $columns, $rows, $timeColumn, null);

        return new Taken(
            $table,
            $this->heading,
            array_values($this->roles),
            $layout,
            $this->understood,
            $this->leftOut,
            $this->skipped(),
            $this->colours($sources),
            $label !== null || $layout === 'moments',
            $this->title(),
        );
    }

    /** The first text that stands alone above the table. */
    private function title(): string
    {
        $first = $this->rows === [] ? 0 : min($this->rows);
        for ($row = 0; $row < $first; ++$row) {
            if ($row !== $this->heading && $row !== $this->upper && !$this->grid->isEmpty($row)) {
                return mb_substr(trim(implode(' ', array_unique($this->grid->rows[$row]))), 0, self::MAX_FIELD);
            }
        }

        return '';
    }

    /** @return list<int> */
    private function skipped(): array
    {
        $taken = array_flip($this->rows);
        $skipped = [];
        foreach (array_keys($this->grid->rows) as $row) {
            $isHead = $row === $this->heading || $row === $this->upper;
            if (!isset($taken[$row]) && !$isHead && !$this->grid->isEmpty($row)) {
                $skipped[] = $row;
            }
        }

        return $skipped;
    }

    /**
     * @param array<string, int> $sources the row of the grid that each figure is from, by row id
     *
     * @return array{list<Row>, list<Column>, string|null}
     */
    private function figures(?int $label, array &$sources): array
    {
        $this->checkCount(count($this->rows));
        $values = $this->of('value');
        $this->checkCells(count($this->rows), count($values));
        $this->checkLengths([...$values, ...$label === null ? [] : [$label]]);
        $group = $this->of('group')[0] ?? null;
        $rows = [];
        foreach ($this->rows as $place => $row) {
            $id = 'r'.($place + 1);
            $sources[$id] = $row;
            $rows[] = new Row(
                $id,
                $label === null ? 'Row '.($place + 1) : $this->grid->cell($row, $label),
                array_map(fn (int $column): string => $this->figure($row, $column), $values),
                null,
                $group === null ? null : $this->groupOf($row, $group),
            );
        }
        $names = array_map($this->name(...), $values);
        $times = count($values) > 1 ? PointInTime::all($names) : null;
        $columns = [];
        foreach ($names as $place => $name) {
            $columns[] = new Column(
                'c'.($place + 1),
                match (true) {
                    $times !== null => $times[$place]->text(),
                    $name !== '' => $name,
                    default => count($values) === 1 ? 'Value' : 'Value '.($place + 1),
                },
            );
        }
        $this->understood[] = sprintf(
            count($rows) === 1 ? '%d figure%s.' : '%d figures%s.',
            count($rows),
            $label !== null && $this->name($label) !== '' ? sprintf(', named by “%s”', $this->name($label)) : '',
        );
        $isOfMoments = $label !== null
            && count($values) > 1
            && $times === null
            && $this->columns->areMoments($this->rows, $label);
        if ($isOfMoments) {
            $this->understood[] = sprintf(
                'Each row is a figure. Choose “when” above %s, and each column is one that runs through them.',
                $this->quoted((int) $label),
            );
        }
        if ($times !== null) {
            $moments = array_map(static fn (PointInTime $time): string => $time->text(), $times);
            $this->sayMoments($moments, 'each a column');
        }

        return [$rows, $columns, $times === null ? null : ucfirst($times[0]->precision)];
    }

    /**
     * @param array<string, int> $sources
     *
     * @return array{list<Row>, list<Column>, string}
     */
    private function long(int $label, int $time, array &$sources): array
    {
        $values = $this->of('value');
        $value = $values[0];
        foreach (array_slice($values, 1) as $other) {
            // A row here is a figure at a moment: it has one number.
            $this->roles[$other] = 'none';
        }
        $this->checkLengths([$label, $time, $value]);
        [$times, $order] = $this->points($time);
        $group = $this->of('group')[0] ?? null;
        $cells = $first = [];
        $again = 0;
        foreach ($this->rows as $row) {
            $name = $this->grid->cell($row, $label);
            $first[$name] ??= $row;
            $moment = $times[$row];
            $figure = $this->figure($row, $value);
            if (isset($cells[$name][$moment])) {
                ++$again;
                $figure = $this->sum($cells[$name][$moment], $figure);
            }
            $cells[$name][$moment] = $figure;
        }
        $this->checkCount(count($cells));
        $this->checkCells(count($cells), count(array_unique($times)));
        $rows = [];
        $missing = 0;
        foreach (array_keys($cells) as $place => $name) {
            $id = 'r'.($place + 1);
            $sources[$id] = $first[$name];
            $line = [];
            foreach ($order as $moment) {
                $line[] = $cells[$name][$moment] ?? '';
                $missing += isset($cells[$name][$moment]) ? 0 : 1;
            }
            $given = $group === null ? null : $this->groupOf($first[$name], $group);
            $rows[] = new Row($id, (string) $name, $line, null, $given);
        }
        $this->understood[] = sprintf('%d figures, named by %s.', count($rows), $this->quoted($label));
        $this->sayMoments($order, 'from '.$this->quoted($time));
        $this->understood[] = sprintf('Their numbers are from %s.', $this->quoted($value));
        if ($again > 0) {
            $this->understood[] = sprintf('%d rows say a name and a moment again; they are added up.', $again);
        }
        if ($missing > 0) {
            $this->understood[] = sprintf('%d of %d cells have no number.', $missing, count($rows) * count($order));
        }

        return [$rows, self::columnsOf($order), $this->timeName($time, $order)];
    }

    /** @return array{list<Row>, list<Column>, string} */
    private function moments(int $time): array
    {
        $values = $this->of('value');
        $this->checkLengths([$time, ...$values]);
        [$times, $order] = $this->points($time);
        $rowOf = array_flip($times);
        $rows = [];
        foreach ($values as $place => $column) {
            $name = $this->name($column);
            $rows[] = new Row(
                'r'.($place + 1),
                $name !== '' ? $name : 'Value '.($place + 1),
                array_map(fn (string $moment): string => $this->figure($rowOf[$moment], $column), $order),
            );
        }
        $this->understood[] = sprintf('Each row is a moment, each column one of %d figures.', count($rows));
        $this->sayMoments($order, 'from '.$this->quoted($time));

        return [$rows, self::columnsOf($order), $this->timeName($time, $order)];
    }

    /** Rows that add up others, or are their mean, and say so: above them, below them, or between. */
    private function leaveTotals(?int $label, string $layout): void
    {
        if ($this->choices->withTotals || $label === null || $layout !== 'figures' || count($this->rows) < 3) {
            return;
        }
        $named = array_values(array_filter(
            $this->rows,
            fn (int $row): bool => preg_match(self::SUMS, $this->grid->cell($row, $label)) === 1,
        ));
        $parts = array_values(array_diff($this->rows, $named));
        foreach ($named as $row) {
            $isMean = preg_match(self::MEANS, $this->grid->cell($row, $label)) === 1;
            if ($isMean ? $this->isMean($row, $parts) : $this->isSum($row, $named, $parts)) {
                $this->rows = array_values(array_diff($this->rows, [$row]));
                $this->leftOut[] = sprintf(
                    $isMean ? '“%s”, row %d: it is the mean of the others.' : '“%s”, row %d: it adds up the rows %s it.',
                    $this->grid->cell($row, $label),
                    $row + 1,
                    $row < ($parts[0] ?? 0) ? 'below' : 'above',
                );
            }
        }
    }

    /**
     * Whether a row is the sum of all parts, or of those up to the next row that is named so, above it or below.
     *
     * @param list<int> $named rows that are called sums
     * @param list<int> $parts all others
     */
    private function isSum(int $row, array $named, array $parts): bool
    {
        $before = max([-1, ...array_filter($named, static fn (int $one): bool => $one < $row)]);
        $after = min([PHP_INT_MAX, ...array_filter($named, static fn (int $one): bool => $one > $row)]);
        $blocks = [
            $parts,
            array_filter($parts, static fn (int $one): bool => $one > $before && $one < $row),
            array_filter($parts, static fn (int $one): bool => $one > $row && $one < $after),
            array_filter($parts, static fn (int $one): bool => $one < $row),
            // Rows that are hidden may be in it.
            $parts === [] ? [] : array_values(array_diff(range($parts[0], max($parts)), $named)),
        ];
        foreach ($blocks as $block) {
            if (count($block) > 0 && $this->comesTo($row, false, $block)) {
                return true;
            }
        }

        return false;
    }

    /** @param list<int> $parts */
    private function isMean(int $row, array $parts): bool
    {
        return count($parts) > 1 && $this->comesTo($row, true, $parts);
    }

    /**
     * Whether in every column a row has what others come to, as far as rounding goes.
     *
     * @param array<int> $others
     */
    private function comesTo(int $row, bool $isMean, array $others): bool
    {
        $count = 0;
        foreach ($this->of('value') as $column) {
            $told = $this->number($row, $column);
            if ($told === null) {
                continue;
            }
            $numbers = [];
            foreach ($others as $other) {
                $number = $this->number($other, $column);
                if ($number !== null) {
                    $numbers[] = $number;
                }
            }
            $is = $isMean ? array_sum($numbers) / max(1, count($numbers)) : array_sum($numbers);
            if (abs($told - $is) > self::ROUNDED * abs($is)) {
                return false;
            }
            ++$count;
        }

        return $count > 0;
    }

    /** @param list<string> $all */
    private static function few(array $all): string
    {
        return implode(', ', array_slice($all, 0, 4)).(count($all) > 4 ? ' …' : '');
    }

    private function remarkColumns(): void
    {
        $names = [];
        foreach ($this->roles as $column => $role) {
            $isEmpty = true;
            foreach ($role === 'none' ? $this->rows : [] as $row) {
                $isEmpty = $isEmpty && $this->grid->cell($row, $column) === '';
            }
            if ($role === 'none' && !$isEmpty && !in_array($column, $this->beside, true)) {
                $isHidden = in_array($column, $this->grid->hiddenColumns, true);
                $names[] = $this->quoted($column).($isHidden ? ' (hidden)' : '');
            }
        }
        if ($names !== []) {
            $shown = array_slice($names, 0, 6);
            $more = count($names) - count($shown);
            $this->leftOut[] = (count($names) === 1 ? 'Column ' : 'Columns ').implode(', ', $shown)
                .($more > 0 ? sprintf(' and %d more', $more) : '').'.';
        }
        $odd = $gaps = $more = [];
        $values = $this->of('value');
        foreach ($this->rows as $row) {
            foreach ($values as $column) {
                $cell = $this->grid->cell($row, $column);
                if ($cell === '') {
                    continue;
                }
                $said = sprintf('%s “%s”', Grid::place($row, $column), mb_strimwidth($cell, 0, 20, '…'));
                if (!$this->columns->isNumber($cell)) {
                    Beside::isGap($cell) ? $gaps[] = $said : $odd[] = $said;
                } elseif ($this->columns->saysMore($cell)) {
                    $more[] = $said.' as '.$this->columns->number($cell);
                }
            }
        }
        if ($more !== []) {
            $this->understood[] = sprintf('Numbers are read without what stands beside them: %s.', self::few($more));
        }
        if ($gaps !== []) {
            $this->leftOut[] = sprintf(
                count($gaps) === 1 ? '%d cell says that it has no number: %s.' : '%d cells say that they have no number: %s.',
                count($gaps),
                self::few($gaps),
            );
        }
        if ($odd !== []) {
            $this->leftOut[] = sprintf(
                count($odd) === 1 ? '%d cell is no number, and stays as it is: %s.' :
                    '%d cells are no numbers, and stay as they are: %s.',
                count($odd),
                self::few($odd),
            );
        }
    }

    /**
     * @param array<string, int> $sources
     *
     * @return array<string, string> `#rrggbb` by row id
     */
    private function colours(array $sources): array
    {
        $column = $this->of('colour')[0] ?? null;
        $colours = [];
        foreach ($column === null ? [] : $sources as $id => $row) {
            $cell = ltrim($this->grid->cell($row, (int) $column), '#');
            if (preg_match('/^[0-9a-f]{6}$/iD', $cell) === 1) {
                $colours[$id] = '#'.strtolower($cell);
            }
        }
        if ($colours !== []) {
            $this->understood[] = sprintf('Colours are from %s.', $this->quoted((int) $column));
        }

        return $colours;
    }

    /**
     * Moments by row, and all of them in their order.
     *
     * @return array{array<int, string>, list<string>}
     */
    private function points(int $time): array
    {
        $cells = [];
        foreach ($this->rows as $row) {
            $cell = $this->grid->cell($row, $time);
            if ($cell !== '') {
                $cells[$row] = $cell;
            }
        }
        $this->rows = array_keys($cells);
        $read = PointInTime::all(array_values($cells));
        if ($read === null) {
            // No points in time that are known: they follow each other as they stand.
            return [$cells, array_values(array_unique($cells))];
        }
        if (PointInTime::isMonthFirst(array_values($cells))) {
            $this->understood[] = 'Dates say the month first.';
        }
        $read = PointInTime::coarse($read);
        $order = $texts = [];
        foreach (array_keys($cells) as $place => $row) {
            $texts[$row] = $read[$place]->text();
            $order[$texts[$row]] = $read[$place]->order();
        }
        asort($order);

        return [$texts, array_map(strval(...), array_keys($order))];
    }

    /** @param list<string> $moments */
    private function sayMoments(array $moments, string $from): void
    {
        $this->understood[] = count($moments) === 1
            ? sprintf('One moment, %s, %s.', $moments[0], $from)
            : sprintf('%d moments, %s to %s, %s.', count($moments), $moments[0], $moments[count($moments) - 1], $from);
    }

    /** @param list<string> $moments */
    private function timeName(int $column, array $moments): string
    {
        return $this->name($column) !== ''
            ? $this->name($column)
            : ucfirst(PointInTime::read($moments[0] ?? '')->precision ?? 'moment');
    }

    /**
     * @param list<string> $names
     *
     * @return list<Column>
     */
    private static function columnsOf(array $names): array
    {
        return array_map(
            static fn (string $name, int $place): Column => new Column('c'.($place + 1), $name),
            $names,
            array_keys($names),
        );
    }

    /** @return list<int> columns with a role */
    private function of(string $role): array
    {
        return array_keys($this->roles, $role, true);
    }

    private function name(int $column): string
    {
        if ($this->heading < 0 || $column < 0) {
            return '';
        }
        $name = $this->grid->cell($this->heading, $column);
        $above = '';
        for ($at = $column; $at >= 0 && $this->upper >= 0 && $above === ''; --$at) {
            $above = $this->grid->cell($this->upper, $at);
        }

        return mb_substr($above === $name ? $name : trim($above.' '.$name), 0, self::MAX_FIELD);
    }

    private function quoted(int $column): string
    {
        $name = $this->name($column);

        return $name === '' ? 'column '.Grid::letters($column) : '“'.$name.'”';
    }

    private function groupOf(int $row, int $column): ?string
    {
        $group = mb_substr($this->grid->cell($row, $column), 0, self::MAX_FIELD);

        return $group === '' ? null : $group;
    }

    /** A field that is no number stays as it was typed, so that nothing is lost and the sheet can point at it. */
    private function figure(int $row, int $column): string
    {
        $field = $this->grid->cell($row, $column);

        return $this->columns->number($field) ?? (Beside::isGap($field) ? '' : $field);
    }

    private function number(int $row, int $column): ?float
    {
        $number = $this->columns->number($this->grid->cell($row, $column));

        return $number === null ? null : CellNumber::read($number)->value->toFloat();
    }

    /** Two cells of the same figure at the same moment. */
    private function sum(string $one, string $other): string
    {
        if (!$this->columns->isNumber($one) || !$this->columns->isNumber($other)) {
            return $one === '' ? $other : $one;
        }
        $first = CellNumber::read($one);
        $second = CellNumber::read($other);
        $digits = max($first->decimals, $second->decimals);
        $sum = $first->value->plus($second->value)->toScale($digits, \Brick\Math\RoundingMode::HALF_UP);
        $unit = $first->unit !== '' ? $first->unit : $second->unit;

        return CellNumber::withUnit((string) $sum, $unit);
    }

    private function checkCount(int $count): void
    {
        if ($count > self::MAX_ROWS || $this->grid->isCut) {
            throw new ImpossibleFigures(
                sprintf(
                    'The table has %s%s rows; Lupine takes up to %s, and a chart reads best with about five.'
                        .' Keep the rows that the film speaks of.',
                    $this->grid->isCut ? 'more than ' : '',
                    number_format($this->grid->isCut ? count($this->grid->rows) : $count),
                    number_format(self::MAX_ROWS),
                ),
                'the table',
            );
        }
    }

    /** A table that is long and wide at once is more than a piece can carry with every save. */
    private function checkCells(int $rows, int $columns): void
    {
        if ($rows * $columns > self::MAX_CELLS) {
            throw new ImpossibleFigures(
                sprintf(
                    'The table has %s rows with %s figures each; Lupine takes up to %s figures in all.'
                        .' Leave columns out that the film does not speak of.',
                    number_format($rows),
                    number_format($columns),
                    number_format(self::MAX_CELLS),
                ),
                'the table',
            );
        }
    }

    /**
     * @param list<int> $columns those that are kept
     *
     * @throws ImpossibleFigures where a field is longer than a label or a cell can be
     */
    private function checkLengths(array $columns): void
    {
        foreach ($this->rows as $row) {
            foreach ($columns as $column) {
                $field = $this->grid->cell($row, $column);
                if (mb_strlen($field) > self::MAX_FIELD) {
                    throw new ImpossibleFigures(
                        sprintf(
                            'Row %d has a cell of %s characters, “%s…”; %d are the limit. Is there a quote too many before it?',
                            $row + 1,
                            number_format(mb_strlen($field)),
                            mb_substr($field, 0, 40),
                            self::MAX_FIELD,
                        ),
                        'row '.($row + 1),
                    );
                }
            }
        }
    }

    private function noNumber(): ImpossibleFigures
    {
        $row = $this->rows[0] ?? max(0, $this->heading);
        // Where there is more than one row, the first may be a heading, which has no number by right.
        $row = $this->heading < 0 && isset($this->rows[1]) ? $this->rows[1] : $row;

        return new ImpossibleFigures(
            sprintf(
                'No row of this table has a number. Row %d reads “%s”: put a label first and a number after it,'
                    .' with a tab, a comma or a semicolon between.',
                $row + 1,
                mb_strimwidth(
                    implode(' | ', array_filter(
                        $this->grid->rows[$row] ?? [],
                        static fn (string $field): bool => $field !== '',
                    )),
                    0,
                    60,
                    '…',
                ),
            ),
            'row '.($row + 1),
        );
    }
}
