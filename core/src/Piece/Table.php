<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

use Lupine\Core\Settings\BadPiece;
use Lupine\Core\Settings\Checked;
use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Detail;
use Lupine\Core\Settings\Field;
use Lupine\Core\Settings\Id;
use Lupine\Core\Settings\Part;
use Lupine\Core\Settings\Several;
use Lupine\Core\Settings\Text;

/** A table of the piece, as typed. What it means is found out by Figures. */
#[Described('Figures as they were typed.')]
final readonly class Table implements Checked
{
    public const MAX_ROWS = 5000;
    public const MAX_COLUMNS = 240;

    public function __construct(
        #[Id]
        public string $id,
        #[Text('Name', 200, '')]
        public string $name,
        /** @var list<Column> */
        #[Several(new Part(Column::class), max: self::MAX_COLUMNS, min: 1)]
        public array $columns,
        /** @var list<Row> */
        #[Several(new Part(Row::class), max: self::MAX_ROWS)]
        public array $rows,
        #[Text('', 200)]
        #[Detail('what the columns stand for where they are moments, such as Year')]
        public ?string $timeColumn,
        #[Text('', 200)]
        #[Detail('what all parts together are; null: their sum, or 100 where they are percentages')]
        public ?string $whole,
    ) {
    }

    public function check(Field $field): void
    {
        foreach ($this->rows as $place => $row) {
            if (count($row->cells) !== count($this->columns)) {
                throw $field->get('rows')->get((string) $place)->get('cells')
                    ->wrong(sprintf('has %d cells for %d columns', count($row->cells), count($this->columns)));
            }
        }
        Unique::ids($this->rows, $field->get('rows'));
        Unique::ids($this->columns, $field->get('columns'));
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
