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
    public const MAX_COLUMNS = Table::MAX_COLUMNS;
    public const MAX_CELLS = 100_000;
    public const MAX_FIELD = 200;

    private Columns $columns;
    private int $heading;

    /** the row above the heading that names several columns together; -1: none does */
    private int $upper = -1;

    /** @var list<int> columns that are left out, which is said already */
    private array $said = [];

    /** @var list<int> indices of rows with figures */
    private array $rows;

    /** @var array<int, string> by column */
    private array $roles;

    /** @var array<int, string|null> the section that a row stands in, by its index; null where it stands in none */
    private array $sections = [];

    /** @var list<string> */
    private array $understood = [];

    /** @var list<string> */
    private array $leftOut = [];

    /** whether rows or columns that add up others were left out */
    private bool $hasTotals = false;

    private readonly Grid $grid;

    private function __construct(Grid $grid, private readonly Choices $choices)
    {
        $this->columns = Columns::of($grid, $choices->numbers);
        $this->grid = $this->columns->grid;
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
            $this->leftOut[] = $below === 1 ? '1 row below the table.' : sprintf('%d rows below the table.', $below);
            $rows = array_slice($rows, 0, -$below);
        }
        if ($this->choices->heading !== null) {
            $this->heading = $this->choices->heading;
            $this->rows = array_values(array_filter($rows, fn (int $row): bool => $row > $this->heading));
            $over = array_values(array_filter($rows, fn (int $row): bool => $row < $this->heading));
            $upper = $over === [] || $this->heading < 0 ? -1 : (int) end($over);
            if ($upper >= 0 && $this->columns->hasTwoHeadings([$upper, $this->heading, ...$this->rows])) {
                $this->upper = $upper;
            }
            $above = count($over) - ($this->upper < 0 ? 0 : 1);
        } else {
            $above = $this->columns->titles($rows);
            $this->rows = array_slice($rows, $above);
            $this->upper = $this->columns->hasTwoHeadings($this->rows) ? (int) array_shift($this->rows) : -1;
            $this->heading = $this->columns->hasHeading($this->rows) ? (int) array_shift($this->rows) : -1;
        }
        if ($this->upper >= 0) {
            $this->understood[] = sprintf('Rows %d and %d name the columns.', $this->upper + 1, $this->heading + 1);
            if ($this->isSameAbove()) {
                $this->understood[] = sprintf(
                    'Row %d says “%s” of all of them.',
                    $this->upper + 1,
                    $this->above($this->grid->width - 1),
                );
            } elseif ($this->sameBelow() !== null) {
                $this->understood[] = sprintf(
                    'Row %d says “%s” of all of them.',
                    $this->heading + 1,
                    $this->sameBelow(),
                );
            }
        } elseif ($this->heading >= 0) {
            $this->understood[] = sprintf('Row %d is the header.', $this->heading + 1);
        }
        if ($above > 0) {
            $this->leftOut[] = $above === 1 ? '1 row above the table.' : sprintf('%d rows above the table.', $above);
        }
        $next = $this->choices->withTotals ? null : $this->columns->below($this->rows);
        if ($next !== null) {
            $this->rows = array_values(array_filter($this->rows, static fn (int $row): bool => $row < $next));
            $this->leftOut[] = sprintf(
                'Another table stands below this one, from row %d on. Copy it by itself to take it.',
                $next + 1,
            );
        }
        if ($hidden > 0) {
            $this->leftOut[] = $hidden === 1
                ? '1 row that is hidden in the file.'
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
        $this->said = $beside;
        if ($beside !== []) {
            $this->leftOut[] = sprintf(
                'Another table stands beside this one, from column %s on. Copy it by itself to take it.',
                Grid::letters($beside[0]),
            );
        }
        $roles = $this->columns->roles(
            $this->rows,
            array_map($this->name(...), range(0, max(0, $this->grid->width - 1))),
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
        $this->leaveTotalColumns();
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
        $this->findSections($label, $layout);
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
                    'The table has %s columns of figures; the limit is %d.',
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
            $this->columns->style,
            $this->columns->openNumber(),
            $this->hasTotals,
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
                $group === null ? $this->sections[$row] ?? null : $this->groupOf($row, $group),
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
                'Each row is a figure. To make each column a figure that runs over time, set %s to “Moments”.',
                $this->quoted((int) $label),
            );
        }
        if ($times !== null) {
            $moments = array_map(static fn (PointInTime $time): string => $time->text(), $times);
            $this->sayMoments($moments, 'one per column');
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
        $this->understood[] = sprintf('Values come from %s.', $this->quoted($value));
        if ($again > 0) {
            $this->understood[] = $again === 1
                ? '1 row repeats a name and a moment; its value is added.'
                : sprintf('%d rows repeat a name and a moment; their values are added.', $again);
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
        $this->understood[] = sprintf('Each row is a moment; each of the %d columns is a figure.', count($rows));
        $this->sayMoments($order, 'from '.$this->quoted($time));

        return [$rows, self::columnsOf($order), $this->timeName($time, $order)];
    }

    /**
     * Rows that name those below them and have no numbers of their own. Where there is one column of numbers alone, a
     * row without one may as well be a figure that is not known yet; it is a section if the table begins with one.
     */
    private function findSections(?int $label, string $layout): void
    {
        if ($this->choices->withTotals || $label === null || $layout !== 'figures') {
            return;
        }
        $isSection = fn (int $row): bool => $this->grid->cell($row, $label) !== '' && $this->columns->isAlone($row);
        if ($this->rows === [] || (count($this->of('value')) < 2 && !$isSection($this->rows[0]))) {
            return;
        }
        $section = null;
        $found = $groups = [];
        foreach ($this->rows as $place => $row) {
            if ($isSection($row) && isset($this->rows[$place + 1])) {
                $section = $this->grid->cell($row, $label);
                $found[] = $row;
            } else {
                $groups[$row] = $section;
            }
        }
        if ($found === []) {
            return;
        }
        $this->rows = array_keys($groups);
        $this->sections = $groups;
        $names = array_map(fn (int $row): string => '“'.$this->grid->cell($row, $label).'”', $found);
        $this->understood[] = sprintf('Rows without numbers name those below them: %s.', self::few($names));
    }

    /** A column that adds up the others, and says so, is none of them. */
    private function leaveTotalColumns(): void
    {
        $values = $this->of('value');
        if ($this->choices->withTotals || count($values) < 3 || count($this->rows) < 2) {
            return;
        }
        foreach ($values as $column) {
            $sums = new Sums($this->columns, array_values(array_diff($values, [$column])));
            $isDecided = isset($this->choices->roles[$column]);
            if (!$isDecided && Sums::isCalled($this->name($column)) && $sums->isColumn($column, $this->rows)) {
                $this->roles[$column] = 'none';
                $this->said[] = $column;
                $this->hasTotals = true;
                $this->leftOut[] = sprintf('Column %s: adds up the others.', $this->quoted($column));
            }
        }
    }

    /** Rows that add up others, or are their mean, and say so: above them, below them, or between. */
    private function leaveTotals(?int $label, string $layout): void
    {
        if ($this->choices->withTotals || $label === null || $layout !== 'figures' || count($this->rows) < 3) {
            return;
        }
        $sums = new Sums($this->columns, $this->of('value'));
        $named = array_values(array_filter(
            $this->rows,
            fn (int $row): bool => Sums::isCalled($this->grid->cell($row, $label)),
        ));
        $parts = array_values(array_diff($this->rows, $named));
        foreach ($named as $row) {
            $isMean = Sums::isCalledMean($this->grid->cell($row, $label));
            if ($isMean ? $sums->isMean($row, $parts) : $sums->isSum($row, $named, $parts)) {
                $this->rows = array_values(array_diff($this->rows, [$row]));
                $this->hasTotals = true;
                $this->leftOut[] = sprintf(
                    $isMean ? '“%s”, row %d: the mean of the others.' : '“%s”, row %d: adds up the rows %s.',
                    $this->grid->cell($row, $label),
                    $row + 1,
                    $row < ($parts[0] ?? 0) ? 'below' : 'above',
                );
            }
        }
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
            if ($role === 'none' && !$isEmpty && !in_array($column, $this->said, true)) {
                $isHidden = in_array($column, $this->grid->hiddenColumns, true);
                $named = $this->name($column) === '' ? Grid::letters($column) : $this->quoted($column);
                $names[] = $named.($isHidden ? ' (hidden)' : '');
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
                $number = $this->columns->number($cell);
                if ($number !== null && !$this->columns->saysMore($cell)) {
                    continue;
                }
                $said = sprintf('%s “%s”', Grid::place($row, $column), mb_strimwidth($cell, 0, 20, '…'));
                if ($number !== null) {
                    $more[] = $said.' as '.$number;
                } else {
                    Beside::isGap($cell) ? $gaps[] = $said : $odd[] = $said;
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
                count($odd) === 1 ? '%d cell is not a number and is kept unchanged: %s.' :
                    '%d cells are not numbers and are kept unchanged: %s.',
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
            $this->understood[] = sprintf('Colours come from %s.', $this->quoted((int) $column));
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
            $this->understood[] = 'Dates are read as month first.';
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
        $above = $this->above($column);
        $full = match (true) {
            $above === $name || $this->isSameAbove() => $name,
            $name !== '' && $name === $this->sameBelow() => $above,
            default => trim($above.' '.$name),
        };

        return mb_substr($full, 0, self::MAX_FIELD);
    }

    /** What the upper row of a head says of a column, or of those from another on to it. */
    private function above(int $column): string
    {
        $above = '';
        for ($at = $column; $at >= 0 && $this->upper >= 0 && $above === ''; --$at) {
            $above = $this->grid->cell($this->upper, $at);
        }

        return $above;
    }

    /** Whether the upper row of a head says one thing of all columns that the lower one tells apart. */
    private function isSameAbove(): bool
    {
        $above = $names = [];
        for ($column = 1; $column < $this->grid->width && $this->upper >= 0; ++$column) {
            $name = $this->grid->cell($this->heading, $column);
            $over = $this->above($column);
            if ($name !== '' && $over !== '' && $over !== $name) {
                $above[] = $over;
                $names[] = $name;
            }
        }

        return count($names) > 1 && array_unique($names) === $names && count(array_unique($above)) === 1;
    }

    /** What the second row of a head says of all columns that the first tells apart, such as a unit; null: nothing. */
    private function sameBelow(): ?string
    {
        $under = $over = [];
        for ($column = 1; $column < $this->grid->width; ++$column) {
            if ($this->grid->cell($this->heading, $column) !== '') {
                $under[] = $this->grid->cell($this->heading, $column);
                $over[] = $this->grid->cell($this->upper, $column);
            }
        }
        $isTold = count($under) > 1
            && count(array_unique($under)) === 1
            && !in_array('', $over, true)
            && array_unique($over) === $over;

        return $isTold ? $under[0] : null;
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
                    'The table has %s%s rows; the limit is %s, and about five are easiest to read.'
                        .' Keep the rows your film mentions.',
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
                    'The table has %s rows with %s figures each; the limit is %s figures in total.'
                        .' Leave out columns your film does not mention.',
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
                            'Row %d has a cell of %s characters, “%s…”; the limit is %d. Check for a stray quote mark before it.',
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
                'No row has a number. Row %d reads “%s”. Start each row with a label, then a number, separated by a tab,'
                    .' comma or semicolon.',
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
