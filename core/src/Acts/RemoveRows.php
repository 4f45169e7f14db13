<?php

declare(strict_types=1);

namespace Lupine\Core\Acts;

use Lupine\Core\Edits\Act;
use Lupine\Core\Edits\Edited;
use Lupine\Core\Edits\EditedTable;
use Lupine\Core\Edits\RemovedRows;
use Lupine\Core\Piece\Table;
use Lupine\Core\Settings\BadPiece;
use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Id;
use Lupine\Core\Settings\Json;
use Lupine\Core\Settings\Several;

/** Rows leave a table, with all that was said of them; formulas say what is gone, and ranges shrink. */
#[Described('Removes rows of a table.')]
final readonly class RemoveRows implements Act
{
    public function __construct(
        #[Id]
        private string $table,
        /** @var list<string> */
        #[Several(new Id(), max: Table::MAX_ROWS)]
        private array $rows,
    ) {
    }

    public function change(Edited $edited): array
    {
        $table = new EditedTable($edited, $this->table);
        $gone = array_flip($this->rows);
        $left = array_values(array_filter(
            $table->rows(),
            static fn (\stdClass $row): bool => !isset($gone[Json::text($row, 'id')]),
        ));
        if ($left === []) {
            throw new BadPiece('A table keeps at least one row. Change it, or remove the chart.', 'with.rows');
        }
        (new RemovedRows($this->table, $this->rows))->from($edited->document);
        $table->becomes(rows: $left);

        return [];
    }
}
