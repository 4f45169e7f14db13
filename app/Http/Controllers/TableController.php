<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Api\AgainRow as ToldRow;
use App\Api\PlannedFigures;
use App\Http\Body;
use App\Http\Reply;
use App\Import\Incoming;
use App\Import\TableAnswer;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Lupine\Core\Formats\NewChart;
use Lupine\Core\Import\Again;
use Lupine\Core\Import\AgainRow;
use Lupine\Core\Import\Choices;
use Lupine\Core\Import\RowColours;
use Lupine\Core\Piece\Table;
use Lupine\Core\Settings\Field;
use Lupine\Core\Settings\PlainText;

/** Tables that come in from files. */
final readonly class TableController
{
    private const MOST_ROWS = 5000;

    public function __construct(private TableAnswer $answer, private Incoming $incoming)
    {
    }

    /** A file that was dropped: its sheets, and what is understood of the first that has a table. */
    public function file(Request $request): JsonResponse
    {
        $asked = Field::root($request->query());
        $name = PlainText::writable(mb_substr(basename(trim($asked->get('name')->text(1000, ''))), 0, 200));
        $id = $this->incoming->keep((string) $request->getContent(), $name !== '' ? $name : 'The file');

        return Reply::of($this->answer->ofFile($id, $this->incoming->firstSheet($id), new Choices(), null));
    }

    /** Another sheet of a file, or the same one with other decisions. */
    public function sheet(Request $request): JsonResponse
    {
        $body = Body::of($request);

        return Reply::of($this->answer->ofFile(
            $body->get('file')->text(64),
            $body->get('sheet')->whole(0, 10_000, 0),
            Choices::read(Field::root($body->get('choices')->isNull() ? [] : $body->get('choices')->value())),
            $body->get('whole')->isNull() ? null : $body->get('whole')->text(200),
        ));
    }

    /** New figures for a table of a piece: what would change, and the document with them. */
    public function again(Request $request): JsonResponse
    {
        $body = Body::of($request);
        $piece = $body->piece();
        $old = $piece->table($body->get('table')->id());
        $taken = $this->incoming->taken($body->get('import'), $old->id);
        $byHand = [];
        foreach ($body->get('rows')->isNull() ? [] : $body->get('rows')->items(self::MOST_ROWS) as $row) {
            $byHand[$row->get('from')->id()] = $row->get('to')->isNull() ? '' : $row->get('to')->id();
        }
        $kept = array_map(
            static fn (Field $id): string => $id->id(),
            $body->get('kept')->isNull() ? [] : $body->get('kept')->items(self::MOST_ROWS),
        );
        $plan = Again::plan($piece, $old, $taken->table, $byHand, $kept);
        $colours = RowColours::of($taken->table, $taken->colours, NewChart::SWATCH);

        return Reply::of(new PlannedFigures(
            $plan->document($body->document(), $colours),
            array_map(
                static fn (AgainRow $row): ToldRow => new ToldRow(...get_object_vars($row)),
                $plan->rows,
            ),
            $plan->remarks,
        ));
    }
}
