<?php

declare(strict_types=1);

namespace Lupine\Core\Acts;

use Lupine\Core\Edits\Act;
use Lupine\Core\Edits\Edited;
use Lupine\Core\Piece\Chart;
use Lupine\Core\Piece\Move;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Piece\Table;
use Lupine\Core\Settings\BadPiece;
use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Detail;
use Lupine\Core\Settings\Json;
use Lupine\Core\Settings\Plain;
use Lupine\Core\Settings\Several;

/** One chart becomes what it was in another version, with its figures and moves; all else stays as it is. */
#[Described('Takes one chart back from another version, with its figures and moves.')]
final readonly class TakeBackChart implements Act
{
    public function __construct(
        #[Plain(Chart::class)]
        #[Detail('as it was')]
        private \stdClass $chart,
        #[Plain(Table::class)]
        #[Detail('its figures, as they were')]
        private \stdClass $table,
        /** @var list<\stdClass> */
        #[Several(new Plain(Move::class), max: 2000)]
        #[Detail('of the chart and its parts, as they were')]
        private array $moves,
    ) {
    }

    public function change(Edited $edited): array
    {
        $chart = Json::copy($this->chart);
        $id = Json::text($chart, 'id');
        $charts = $edited->charts();
        $isThere = Edited::named($charts, $id) !== null;
        if (!$isThere && count($charts) >= Piece::MAX_CHARTS) {
            throw new BadPiece(sprintf('A piece can hold up to %d charts. Remove one first.', Piece::MAX_CHARTS), 'charts');
        }
        $chart->table = $this->takeTable($edited, $id);
        Copies::loosen($edited, $chart);
        $taken = static fn (\stdClass $one): \stdClass => Json::text($one, 'id') === $id ? $chart : $one;
        $edited->document->charts = $isThere ? array_map($taken, $charts) : [...$charts, $chart];
        $edited->document->moves = array_values(array_filter(
            $edited->moves(),
            static fn (\stdClass $move): bool => Json::text(Json::object($move, 'target'), 'chart') !== $id,
        ));
        Copies::addMoves($edited, $this->moves, []);

        return [$id];
    }

    /** Its figures as they were: those that other charts show now are left to them, and it has a table of its own. */
    private function takeTable(Edited $edited, string $chart): string
    {
        $table = Json::copy($this->table);
        $id = Json::text($table, 'id');
        $tables = $edited->tables();
        $now = Edited::named($tables, $id);
        if ($now !== null && Copies::isSameTable($now, $table)) {
            return $id;
        }
        $isShared = false;
        foreach ($edited->charts() as $other) {
            $isShared = $isShared || (Json::text($other, 'id') !== $chart && Json::text($other, 'table') === $id);
        }
        if ($now !== null && !$isShared) {
            $edited->document->tables = array_map(
                static fn (\stdClass $one): \stdClass => $one === $now ? $table : $one,
                $tables,
            );

            return $id;
        }
        if ($now !== null) {
            $table->id = Edited::newId('table', $tables);
        }
        $edited->document->tables = [...$tables, $table];

        return Json::text($table, 'id');
    }
}
