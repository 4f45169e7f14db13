<?php

declare(strict_types=1);

namespace Lupine\Core\Acts;

use Lupine\Core\Edits\Act;
use Lupine\Core\Edits\Edited;
use Lupine\Core\Edits\EditedTable;
use Lupine\Core\Figures\Formulas;
use Lupine\Core\Figures\RowOrder;
use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Detail;
use Lupine\Core\Settings\Id;
use Lupine\Core\Settings\Json;
use Lupine\Core\Settings\Toggle;

/** Rows stand by the alphabet, or by the numbers of a column; those that are alike stay as they stood. */
#[Described('Sorts the rows of a table.')]
final readonly class SortRows implements Act
{
    public function __construct(
        #[Id]
        private string $table,
        #[Id]
        #[Detail('null: by the labels')]
        private ?string $column,
        #[Toggle('Descending')]
        private bool $descending,
    ) {
    }

    public function change(Edited $edited): array
    {
        $table = new EditedTable($edited, $this->table);
        if ($this->column !== null) {
            $table->column($this->column);
        }
        $order = RowOrder::of(Formulas::worked($edited->piece->table($this->table)), $this->column, $this->descending);
        $places = array_flip($order);
        $rows = $table->rows();
        usort($rows, static fn (\stdClass $one, \stdClass $other): int => $places[Json::text($one, 'id')]
            <=> $places[Json::text($other, 'id')]);
        $table->becomes(rows: $rows);

        return [];
    }
}
