<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

/** A table of the piece, as typed. What it means is found out by Figures. */
final readonly class Table
{
    public const MAX_ROWS = 5000;

    /**
     * @param list<Column> $columns
     * @param list<Row> $rows
     * @param string|null $timeColumn what the columns stand for where they are moments, such as `Year`
     * @param string|null $whole what all parts together are; null: the sum, or 100 for percentages
     */
    public function __construct(
        public string $id,
        public string $name,
        public array $columns,
        public array $rows,
        public ?string $timeColumn,
        public ?string $whole,
    ) {
    }

    public static function read(Field $field): self
    {
        $columns = array_map(
            static fn (Field $column): Column => new Column(
                $column->get('id')->id(),
                $column->get('name')->text(200, ''),
            ),
            $field->get('columns')->items(240),
        );
        $rows = [];
        foreach ($field->get('rows')->items(self::MAX_ROWS) as $row) {
            $cells = array_map(static fn (Field $cell): string => $cell->text(200), $row->get('cells')->items(240));
            if (count($cells) !== count($columns)) {
                throw $row->get('cells')->wrong(sprintf('has %d cells for %d columns', count($cells), count($columns)));
            }
            $sure = $row->get('sure')->isNull() ? null : $row->get('sure')->text(200);
            $group = $row->get('group')->isNull() ? null : $row->get('group')->text(200);
            $rows[] = new Row($row->get('id')->id(), $row->get('label')->text(200), $cells, $sure, $group);
        }
        if ($columns === []) {
            throw $field->get('columns')->wrong('is empty');
        }
        Unique::ids($rows, $field->get('rows'));
        Unique::ids($columns, $field->get('columns'));

        return new self(
            $field->get('id')->id(),
            $field->get('name')->text(200, ''),
            $columns,
            $rows,
            $field->get('timeColumn')->isNull() ? null : $field->get('timeColumn')->text(200),
            $field->get('whole')->isNull() ? null : $field->get('whole')->text(200),
        );
    }

    /** @throws BadPiece where the table has no such column */
    public function columnIndex(string $columnId): int
    {
        foreach ($this->columns as $index => $column) {
            if ($column->id === $columnId) {
                return $index;
            }
        }

        throw new BadPiece(sprintf('The table “%s” has no column “%s”.', $this->id, $columnId), 'charts');
    }

    public function hasColumn(string $columnId): bool
    {
        return in_array($columnId, array_map(static fn (Column $column): string => $column->id, $this->columns), true);
    }

    /** The same table by another name in the document. */
    public function named(string $id): self
    {
        return new self($id, $this->name, $this->columns, $this->rows, $this->timeColumn, $this->whole);
    }

    /** @param list<Row> $rows */
    public function withRows(array $rows): self
    {
        return new self($this->id, $this->name, $this->columns, $rows, $this->timeColumn, $this->whole);
    }

    /** @param list<string> $rowIds */
    public function without(array $rowIds): self
    {
        $rows = array_values(
            array_filter($this->rows, static fn (Row $row): bool => !in_array($row->id, $rowIds, true)),
        );

        return new self($this->id, $this->name, $this->columns, $rows, $this->timeColumn, $this->whole);
    }

    /** @param string|null $whole what all parts together are, as typed */
    public function withWhole(?string $whole): self
    {
        $whole = $whole === null || trim($whole) === '' ? null : $whole;

        return new self($this->id, $this->name, $this->columns, $this->rows, $this->timeColumn, $whole);
    }

    /** The same table with another text in one cell; as it is where it has no such row. */
    public function withCell(string $rowId, int $column, string $typed): self
    {
        $rows = array_map(
            static fn (Row $row): Row => $row->id === $rowId
                ? new Row(
                    $row->id,
                    $row->label,
                    array_values(array_replace($row->cells, [$column => $typed])),
                    $row->sure,
                    $row->group,
                )
                : $row,
            $this->rows,
        );

        return new self($this->id, $this->name, $this->columns, $rows, $this->timeColumn, $this->whole);
    }

    /** @return array<string, mixed> the table as it stands in the document */
    public function toDocument(): array
    {
        return [
            'id' => $this->id,
            'name' => $this->name,
            'columns' => array_map(
                static fn (Column $column): array => ['id' => $column->id, 'name' => $column->name],
                $this->columns,
            ),
            'rows' => array_map(
                static fn (Row $row): array => [
                    'id' => $row->id,
                    'label' => $row->label,
                    'cells' => $row->cells,
                    ...$row->sure === null ? [] : ['sure' => $row->sure],
                    ...$row->group === null ? [] : ['group' => $row->group],
                ],
                $this->rows,
            ),
            'timeColumn' => $this->timeColumn,
            'whole' => $this->whole,
        ];
    }
}
