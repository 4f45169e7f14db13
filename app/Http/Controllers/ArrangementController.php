<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Api\ArrangementChoice;
use App\Api\ArrangementChoices as ChoicesAnswer;
use App\Http\Body;
use App\Http\Reply;
use App\Import\Incoming;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Lupine\Core\Acts\Acts;
use Lupine\Core\Acts\AddedChart;
use Lupine\Core\Arrangement\ArrangementChoices;
use Lupine\Core\Drawing\DrawPiece;
use Lupine\Core\Formats\NewChart;
use Lupine\Core\Formats\TableText;
use Lupine\Core\Import\Choices;
use Lupine\Core\Import\RowColours;
use Lupine\Core\Import\Taken;
use Lupine\Core\Piece\Chart;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Piece\Table;

/** Several charts on one stage: how they can stand, and another one for them. */
final readonly class ArrangementController
{
    public function __construct(private DrawPiece $drawPiece)
    {
    }

    /** The rules that a piece can be arranged by, each with a picture of it. */
    public function choices(Request $request): JsonResponse
    {
        $body = Body::of($request);
        $shape = $body->get('shape');

        $choices = new ArrangementChoices($this->drawPiece->timings, $this->drawPiece->setter);

        return Reply::of(new ChoicesAnswer(array_map(
            static fn (array $choice): ArrangementChoice => new ArrangementChoice(...$choice),
            $choices->of($body->piece(), $shape->isNull() ? null : $shape->id()),
        )));
    }

    /** Another chart: of a table that the piece has, or of one that is pasted. */
    public function chart(Request $request): JsonResponse
    {
        $body = Body::of($request);
        $piece = $body->piece();
        $form = $body->get('form')->oneOf($this->drawPiece->forms->names());
        $taken = self::taken($body);
        $table = $taken !== null ? $taken->table : $piece->table($body->get('table')->id());
        $alike = self::alike($piece, $table);
        $chart = NewChart::document(
            $body->get('id')->id(),
            $table,
            $body->get('column')->isNull() ? $table->columns[0]->id : $body->get('column')->id(),
            $this->drawPiece->forms->named($form),
            $alike?->finish->colours === 'set' ? $alike->finish->swatches : null,
            $alike?->words->legend === null,
            $taken === null ? [] : RowColours::of($table, $taken->colours, NewChart::SWATCH),
        );
        if ($alike !== null) {
            $chart['finish'] = [...$chart['finish'], 'swatches' => $alike->finish->swatches];
        }

        return ActController::answer(Acts::doOne(
            new AddedChart($chart, $table->toDocument()),
            $body->document(),
            $piece,
            $this->drawPiece->forms,
        ));
    }

    /** A table that comes in with the chart, pasted or out of a file; null where the piece has it. */
    private static function taken(Body $body): ?Taken
    {
        $id = $body->get('table')->id();

        return match (true) {
            $body->has('import') => app(Incoming::class)->taken($body->get('import'), $id),
            $body->has('text') => TableText::understood(
                $body->get('text')->long(2 * TableText::MAX_BYTES),
                $id,
                Choices::numbersOf($body->get('numbers')),
            ),
            default => null,
        };
    }

    /** A chart of the same table: colours are those of the rows, and one legend is enough. */
    private static function alike(Piece $piece, Table $table): ?Chart
    {
        $found = array_filter($piece->charts, static fn (Chart $chart): bool => $chart->table === $table->id);

        return array_values($found)[0] ?? null;
    }
}
