<?php

declare(strict_types=1);

namespace Lupine\Core\Acts;

use Lupine\Core\Edits\Act;
use Lupine\Core\Edits\Edited;
use Lupine\Core\Edits\EditedTable;
use Lupine\Core\Piece\Table;
use Lupine\Core\Settings\BadPiece;
use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Id;
use Lupine\Core\Settings\Json;
use Lupine\Core\Settings\Unit;
use Lupine\Core\Settings\Whole;

/** A row goes up or down; at the first and the last place it stays. */
#[Described('Moves a row of a table up or down.')]
final readonly class MoveRow implements Act
{
    public function __construct(
        #[Id]
        private string $table,
        #[Id]
        private string $row,
        #[Whole('Places', Unit::Count, -Table::MAX_ROWS, Table::MAX_ROWS)]
        private int $by,
    ) {
    }

    public function change(Edited $edited): array
    {
        $table = new EditedTable($edited, $this->table);
        $rows = $table->rows();
        $ids = array_map(static fn (\stdClass $row): string => Json::text($row, 'id'), $rows);
        $at = array_search($this->row, $ids, true);
        if ($at === false) {
            throw new BadPiece("There is no row “{$this->row}”.", 'with.row');
        }
        $moved = array_splice($rows, $at, 1);
        array_splice($rows, max(0, min(count($rows), $at + $this->by)), 0, $moved);
        $table->becomes(rows: $rows);

        return [];
    }
}
