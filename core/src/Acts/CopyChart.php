<?php

declare(strict_types=1);

namespace Lupine\Core\Acts;

use Lupine\Core\Edits\Act;
use Lupine\Core\Edits\Edited;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Settings\BadPiece;
use Lupine\Core\Settings\Described;
use Lupine\Core\Settings\Id;
use Lupine\Core\Settings\Json;

/** A copy of a chart with everything that is its own: looks, moves, place. It shares the table. */
#[Described('Duplicates a chart with its moves.')]
final readonly class CopyChart implements Act
{
    public function __construct(
        #[Id]
        private string $chart,
    ) {
    }

    public function change(Edited $edited): array
    {
        $chart = $edited->chart($this->chart);
        $charts = $edited->charts();
        if (count($charts) >= Piece::MAX_CHARTS) {
            throw new BadPiece(sprintf('A piece can hold up to %d charts.', Piece::MAX_CHARTS), 'charts');
        }
        $copy = Json::copy($chart);
        $copy->id = Edited::newId('chart', $charts);
        $copy->group = null;
        Copies::aside(Json::object($copy, 'place'));
        Copies::aside(Json::object(Json::object($copy, 'words'), 'legend'));
        array_splice($charts, (int) array_search($chart, $charts, true) + 1, 0, [$copy]);
        $edited->document->charts = $charts;
        $own = array_filter(
            $edited->moves(),
            fn (\stdClass $move): bool => Json::text(Json::object($move, 'target'), 'chart') === $this->chart,
        );
        Copies::addMoves($edited, array_values($own), [$this->chart => $copy->id]);

        return [$copy->id];
    }
}
