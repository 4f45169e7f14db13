<?php

declare(strict_types=1);

namespace Lupine\Core\Acts;

use Lupine\Core\Edits\Act;
use Lupine\Core\Edits\Edited;
use Lupine\Core\Edits\EditedTable;
use Lupine\Core\Piece\Table;
use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Id;
use Lupine\Core\Settings\Several;
use Lupine\Core\Settings\Text;
use Lupine\Core\Settings\Unit;
use Lupine\Core\Settings\Whole;

/** New rows stand from a place on; what stood there comes after them. */
#[Described('Adds rows to a table.')]
final readonly class AddRows implements Act
{
    public function __construct(
        #[Id]
        private string $table,
        #[Whole('Place', Unit::Count, 0, Table::MAX_ROWS)]
        private int $at,
        /** @var list<string> */
        #[Several(new Text('Label', 200), max: Table::MAX_ROWS)]
        private array $labels,
        /** @var list<list<string>> what stands in the columns of each, as far as it is told */
        #[Several(new Several(new Text('', 200), max: Table::MAX_COLUMNS), max: Table::MAX_ROWS)]
        private array $cells,
    ) {
    }

    public function change(Edited $edited): array
    {
        $table = new EditedTable($edited, $this->table);
        $rows = $table->rows();
        $count = count($table->columns());
        $ids = Edited::newIds('r', $rows, count($this->labels));
        $made = [];
        foreach ($this->labels as $index => $label) {
            $cells = array_pad(array_slice($this->cells[$index] ?? [], 0, $count), $count, '');
            $made[] = (object) ['id' => $ids[$index], 'label' => $label, 'cells' => $cells];
        }
        array_splice($rows, min(count($rows), $this->at), 0, $made);
        $table->becomes(rows: $rows);

        return $ids;
    }
}
