<?php

declare(strict_types=1);

namespace Lupine\Core\Import;

use Lupine\Core\Figures\PointInTime;
use Lupine\Core\Piece\Column;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Piece\Row;
use Lupine\Core\Piece\Table;

/**
 * New figures for a table that a piece has. Rows are found again by their labels, or by hand; they keep their ids, and
 * with them all that is their own: colours, looks, pulls, labels, moves.
 */
final class Again
{
    /** pairs of labels that are compared letter by letter, and letters of each */
    private const MOST_COMPARED = 40_000;
    private const COMPARED = 60;

    /** likeness of two labels, 0 to 1, from which on one may be the other, written anew */
    private const ALIKE = 0.72;

    /** @var array<string, Row> of the file, by the id of the row of the piece that they are */
    private array $found = [];

    /** @var array<string, string> how each of them was found: label, alike or hand, by the same ids */
    private array $how = [];

    /** @var list<string> */
    private array $remarks = [];

    /** @var list<string> */
    private array $keptColumns = [];

    /**
     * @param array<string, string> $byHand ids of rows of the piece, or nothing, by ids of rows of the file
     * @param list<string> $kept ids of rows of the piece that stay although the file does not have them
     */
    private function __construct(
        private readonly Piece $piece,
        private readonly Table $old,
        private readonly Table $new,
        private readonly array $byHand,
        private readonly array $kept,
    ) {
    }

    /**
     * @param Table $new as it was taken out of the file
     * @param array<string, string> $byHand ids of rows of the piece, or nothing, by ids of rows of the file
     * @param list<string> $kept ids of rows of the piece that stay although the file does not have them
     */
    public static function plan(Piece $piece, Table $old, Table $new, array $byHand = [], array $kept = []): AgainPlan
    {
        $again = new self($piece, $old, $new, $byHand, $kept);
        $again->match();

        return $again->planned();
    }

    private function match(): void
    {
        $open = [];
        foreach ($this->old->rows as $row) {
            $open[$row->id] = $row;
        }
        $rest = [];
        foreach ($this->new->rows as $row) {
            $told = $this->byHand[$row->id] ?? null;
            if ($told !== null && isset($open[$told])) {
                $this->take($told, $row, 'hand');
                unset($open[$told]);
            } elseif ($told !== '') {
                $rest[] = $row;
            }
        }
        // The same label first, a label that comes twice in its order; then the same in other letters.
        foreach ([static fn (string $label): string => trim($label), self::plain(...)] as $read) {
            $labels = [];
            foreach ($open as $row) {
                $labels[$read($row->label)][] = $row->id;
            }
            $left = [];
            foreach ($rest as $row) {
                $id = isset($labels[$read($row->label)]) ? array_shift($labels[$read($row->label)]) : null;
                if ($id === null || trim($row->label) === '') {
                    $left[] = $row;
                    continue;
                }
                $this->take($id, $row, 'label');
                unset($open[$id]);
            }
            $rest = $left;
        }
        if (count($rest) * count($open) > self::MOST_COMPARED) {
            $this->remarks[] = sprintf(
                '%s names are new and %s are gone: too many to look for those that are only written anew.'
                    .' Those that are can be chosen by hand.',
                number_format(count($rest)),
                number_format(count($open)),
            );

            return;
        }
        $plain = array_map(self::short(...), $open);
        foreach ($rest as $row) {
            $id = self::likest($row, $plain);
            unset($plain[$id ?? '']);
            if ($id !== null) {
                $this->take($id, $row, 'alike');
                unset($open[$id]);
            }
        }
    }

    private function planned(): AgainPlan
    {
        [$columns, $sources] = $this->columns();
        $cells = static fn (Row $row): array => array_map(
            static fn (?int $source): string => $source === null ? '' : $row->cells[$source] ?? '',
            $sources,
        );
        $rows = $lines = [];
        $place = $this->places();
        $kept = array_flip($this->kept);
        $byId = [];
        foreach ($this->old->rows as $row) {
            $byId[$row->id] = $row;
        }
        foreach ($place as [$id, $new]) {
            $was = $byId[$id] ?? null;
            if ($new === null) {
                \assert($was !== null);
                $isKept = isset($kept[$id]);
                $lines[] = AgainRow::gone($was, $isKept, $this->shown($was));
                if ($isKept) {
                    $rows[] = $this->withColumns($was, $columns, $sources, null);
                }
                continue;
            }
            $rows[] = $was === null
                ? new Row($id, $new->label, $cells($new), null, $new->group)
                : $this->withColumns($was, $columns, $sources, $new);
            $lines[] = $was === null
                ? AgainRow::fresh($id, $new, $new->cells)
                : AgainRow::found($was, $new, $this->how[$id], $this->pairs($was, $new, $columns, $sources));
        }

        $old = $this->old;
        $table = new Table($old->id, $old->name, $columns, $rows, $this->timeColumn($columns), $old->whole);

        return new AgainPlan($table, $lines, $this->remarks, $this->keptColumns);
    }

    /**
     * The columns of the table as it will be, and which of the file's each of them is; null: it is in none.
     *
     * @return array{list<Column>, list<int|null>}
     */
    private function columns(): array
    {
        $names = [];
        foreach ($this->new->columns as $index => $column) {
            $names[self::moment($column->name)] ??= $index;
        }
        $isSingle = count($this->old->columns) === 1 && count($this->new->columns) === 1;
        $needed = $this->needed();
        $columns = $sources = [];
        $used = [];
        foreach ($this->old->columns as $column) {
            $index = $isSingle ? 0 : ($names[self::moment($column->name)] ?? null);
            if ($index === null && !in_array($column->id, $needed, true)) {
                $this->remarks[] = sprintf('Column “%s” is not in the file and will be removed.', $column->name);
                continue;
            }
            if ($index === null) {
                $this->keptColumns[] = $column->name;
                $this->remarks[] = sprintf(
                    'Column “%s” is not in the file. It is used in the piece, so it is kept unchanged.',
                    $column->name,
                );
            } else {
                $used[$index] = true;
            }
            $columns[] = $column;
            $sources[] = $index;
        }
        $ids = array_map(static fn (Column $column): string => $column->id, $this->old->columns);
        foreach ($this->new->columns as $index => $column) {
            if (isset($used[$index])) {
                continue;
            }
            $ids[] = $id = self::next('c', $ids);
            $columns[] = new Column($id, $column->name);
            $sources[] = $index;
            $this->remarks[] = sprintf('New column: “%s”.', $column->name);
        }

        return self::inTime($columns, $sources);
    }

    /**
     * Columns that are all moments stand in their order.
     *
     * @param list<Column> $columns
     * @param list<int|null> $sources
     *
     * @return array{list<Column>, list<int|null>}
     */
    private static function inTime(array $columns, array $sources): array
    {
        $points = PointInTime::all(array_map(static fn (Column $column): string => $column->name, $columns));
        if ($points === null) {
            return [$columns, $sources];
        }
        $order = array_map(static fn (PointInTime $point): int => $point->order(), $points);
        asort($order);
        $places = array_keys($order);

        return [
            array_map(static fn (int $place): Column => $columns[$place], $places),
            array_map(static fn (int $place): ?int => $sources[$place], $places),
        ];
    }

    /**
     * All rows in the order in which they will stand: the piece's, each new one after the row that it follows in the
     * file.
     *
     * @return list<array{string, Row|null}> ids, and the row of the file; null where the file has none
     */
    private function places(): array
    {
        $ids = array_map(static fn (Row $row): string => $row->id, $this->old->rows);
        $order = array_map(fn (string $id): array => [$id, $this->found[$id] ?? null], $ids);
        $idOf = [];
        foreach ($this->found as $id => $row) {
            $idOf[$row->id] = $id;
        }
        $before = '';
        $after = ['' => []];
        $number = self::highest('r', $ids);
        foreach ($this->new->rows as $row) {
            if (isset($idOf[$row->id])) {
                $before = $idOf[$row->id];
            } else {
                $after[$before][] = ['r'.++$number, $row];
            }
        }
        $places = $after[''];
        foreach ($order as $place) {
            array_push($places, $place, ...$after[$place[0]] ?? []);
        }

        return $places;
    }

    /**
     * @param list<Column> $columns
     * @param list<int|null> $sources
     */
    private function withColumns(Row $was, array $columns, array $sources, ?Row $new): Row
    {
        $cells = [];
        foreach ($columns as $place => $column) {
            $index = $sources[$place];
            $cells[] = $new === null || $index === null ? $this->cell($was, $column) : $new->cells[$index];
        }

        $label = $new === null ? $was->label : $new->label;

        return new Row($was->id, $label, $cells, $was->sure, $new->group ?? $was->group);
    }

    /**
     * @param list<Column> $columns
     * @param list<int|null> $sources
     *
     * @return list<array{string, string, string}> names of columns with what was and what will be, where it changes
     */
    private function pairs(Row $was, Row $new, array $columns, array $sources): array
    {
        $pairs = [];
        foreach ($columns as $place => $column) {
            $index = $sources[$place];
            if ($index !== null && trim($this->cell($was, $column)) !== trim($new->cells[$index])) {
                $pairs[] = [$column->name, $this->cell($was, $column), $new->cells[$index]];
            }
        }

        return $pairs;
    }

    private function cell(Row $row, Column $column): string
    {
        return $this->old->hasColumn($column->id) ? $row->cells[$this->old->columnIndex($column->id)] : '';
    }

    /** @return list<string> the cells of a row in columns that are shown */
    private function shown(Row $row): array
    {
        $needed = $this->needed();
        $columns = array_filter(
            $this->old->columns,
            fn (Column $column): bool => $this->runs() || in_array($column->id, $needed, true),
        );

        return array_values(array_map(fn (Column $column): string => $this->cell($row, $column), $columns));
    }

    /** Whether a chart goes through all columns. */
    private function runs(): bool
    {
        foreach ($this->piece->charts as $chart) {
            if ($chart->table === $this->old->id && $chart->run !== null) {
                return true;
            }
        }

        return false;
    }

    /** @return list<string> columns that have to stay, as charts of the piece show them by name at some time */
    private function needed(): array
    {
        $needed = $charts = [];
        foreach ($this->piece->charts as $chart) {
            if ($chart->table === $this->old->id) {
                $charts[] = $chart->id;
                array_push($needed, $chart->column, ...$chart->series);
            }
        }
        foreach ($this->piece->moves as $move) {
            if ($move->change?->property === 'column' && in_array($move->chart, $charts, true)) {
                $needed[] = (string) $move->change->to;
            }
        }

        return array_values(array_unique($needed));
    }

    /** @param list<Column> $columns */
    private function timeColumn(array $columns): ?string
    {
        $names = array_map(static fn (Column $column): string => $column->name, $columns);

        return count($names) > 1 && PointInTime::all($names) !== null
            ? $this->new->timeColumn ?? $this->old->timeColumn
            : null;
    }

    private function take(string $id, Row $row, string $how): void
    {
        $this->found[$id] = $row;
        $this->how[$id] = $how;
    }

    /** @param array<string, string> $open labels without what is written now so and now so, by row id */
    private static function likest(Row $row, array $open): ?string
    {
        $label = self::short($row);
        $best = null;
        $most = self::ALIKE;
        foreach ($label === '' ? [] : $open as $id => $other) {
            similar_text($label, $other, $percent);
            $percent = max($percent, 100 * self::within($label, $other));
            if ($percent / 100 >= $most && $other !== '') {
                [$best, $most] = [$id, $percent / 100];
            }
        }

        return $best;
    }

    /**
     * How much like each other labels are of which one has all words of the other: “North” and “North & Isles”. 0 where
     * neither has.
     */
    private static function within(string $one, string $other): float
    {
        [$fewer, $more] = [explode(' ', $one), explode(' ', $other)];
        [$fewer, $more] = count($fewer) <= count($more) ? [$fewer, $more] : [$more, $fewer];
        $isWithin = array_diff($fewer, $more) === [] && max(array_map(mb_strlen(...), $fewer)) >= 4;

        return $isWithin ? self::ALIKE + (1 - self::ALIKE) * 0.5 * count($fewer) / count($more) : 0.0;
    }

    /** As much of a label as is compared letter by letter, which takes the longer the longer both are. */
    private static function short(Row $row): string
    {
        return mb_substr(self::plain($row->label), 0, self::COMPARED);
    }

    /** A label without what people write in one way today and in another tomorrow. */
    private static function plain(string $label): string
    {
        $label = str_replace([' & ', '’', '‘'], [' and ', "'", "'"], mb_strtolower(trim($label)));

        return trim((string) preg_replace('/[^\p{L}\p{N}]+/u', ' ', $label));
    }

    private static function moment(string $name): string
    {
        return PointInTime::read($name)?->text() ?? self::plain($name);
    }

    /**
     * A name that none of them has.
     *
     * @param list<string> $ids
     */
    public static function next(string $letter, array $ids): string
    {
        return $letter.(self::highest($letter, $ids) + 1);
    }

    /** @param list<string> $ids */
    private static function highest(string $letter, array $ids): int
    {
        $highest = 0;
        foreach ($ids as $id) {
            if (preg_match('/^'.$letter.'(\d{1,9})$/D', $id, $found) === 1) {
                $highest = max($highest, (int) $found[1]);
            }
        }

        return $highest;
    }
}
