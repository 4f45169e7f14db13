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
        if (count($columns) === 1) {
            throw new BadPiece('A table needs at least one column of figures.', 'with.column');
        }
        $user = $this->user($edited, $table);
        if ($user !== null) {
            throw new BadPiece("{$user}, so it stays. Have another column shown there first.", 'with.column');
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

    /** Who shows the column; null: nobody. */
    private function user(Edited $edited, EditedTable $table): ?string
    {
        $charts = [];
        foreach ($table->charts($edited) as $chart) {
            $charts[] = Json::text($chart, 'id');
            $series = is_array($chart->series ?? null) ? $chart->series : [];
            if (in_array($this->column, [$chart->column ?? null, ...$series], true)) {
                return 'A chart shows this column';
            }
        }
        foreach ($edited->moves() as $move) {
            $showsIt = Json::text($move, 'property') === 'column' && ($move->to ?? null) === $this->column;
            if ($showsIt && in_array(Json::text(Json::object($move, 'target'), 'chart'), $charts, true)) {
                return 'A chart changes to this column';
            }
        }

        return null;
    }
}
