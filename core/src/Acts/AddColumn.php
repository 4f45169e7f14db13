<?php

declare(strict_types=1);

namespace Lupine\Core\Acts;

use Lupine\Core\Edits\Act;
use Lupine\Core\Edits\Edited;
use Lupine\Core\Edits\EditedTable;
use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Id;

/** Another column of figures, empty, after one that is there. */
#[Described('Adds a column to a table.')]
final readonly class AddColumn implements Act
{
    public function __construct(
        #[Id]
        private string $table,
        #[Id]
        private string $after,
    ) {
    }

    public function change(Edited $edited): array
    {
        $table = new EditedTable($edited, $this->table);
        $at = $table->column($this->after) + 1;
        $columns = $table->columns();
        $id = Edited::newId('c', $columns);
        array_splice($columns, $at, 0, [(object) ['id' => $id, 'name' => '']]);
        $rows = $table->rows();
        foreach ($rows as $row) {
            $cells = is_array($row->cells) ? array_values($row->cells) : [];
            array_splice($cells, $at, 0, ['']);
            $row->cells = $cells;
        }
        $table->becomes($rows, $columns);

        return [$id];
    }
}
