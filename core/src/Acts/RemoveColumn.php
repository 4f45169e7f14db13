<?php

declare(strict_types=1);

namespace Lupine\Core\Acts;

use Lupine\Core\Edits\Act;
use Lupine\Core\Edits\Edited;
use Lupine\Core\Edits\EditedTable;
use Lupine\Core\Settings\BadPiece;
use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Id;
use Lupine\Core\Settings\Json;

/** A column that no chart and no move shows leaves a table; moments of runs that are tied to it go with it. */
#[Described('Removes a column of a table.')]
final readonly class RemoveColumn implements Act
{
    public function __construct(
        #[Id]
        private string $table,
        #[Id]
        private string $column,
    ) {
    }

    public function change(Edited $edited): array
    {
        $table = new EditedTable($edited, $this->table);
        $at = $table->column($this->column);
        $columns = $table->columns();
        if (count($columns) === 1 || $this->isShown($edited, $table)) {
            throw new BadPiece('This column is in use, so it cannot be removed.', 'with.column');
        }
        foreach ($table->charts($edited) as $chart) {
            $run = Json::object($chart, 'run');
            if ($run !== null) {
                $run->pins = array_values(array_filter(
                    Json::objects($run->pins ?? null),
                    fn (\stdClass $moment): bool => Json::text($moment, 'column') !== $this->column,
                ));
            }
        }
        array_splice($columns, $at, 1);
        $rows = $table->rows();
        foreach ($rows as $row) {
            $cells = is_array($row->cells) ? array_values($row->cells) : [];
            array_splice($cells, $at, 1);
            $row->cells = $cells;
        }
        $table->becomes($rows, $columns);

        return [];
    }

    private function isShown(Edited $edited, EditedTable $table): bool
    {
        $charts = [];
        foreach ($table->charts($edited) as $chart) {
            $charts[] = Json::text($chart, 'id');
            $series = is_array($chart->series ?? null) ? $chart->series : [];
            if (in_array($this->column, [$chart->column ?? null, ...$series], true)) {
                return true;
            }
        }
        foreach ($edited->moves() as $move) {
            $chart = Json::text(Json::object($move, 'target'), 'chart');
            $showsIt = in_array(Json::text($move, 'property'), ['column'], true)
                && in_array($this->column, [$move->to ?? null, $move->from ?? null], true);
            if ($showsIt && in_array($chart, $charts, true)) {
                return true;
            }
        }

        return false;
    }
}
