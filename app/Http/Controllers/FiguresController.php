<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Body;
use App\Import\Incoming;
use App\Import\TableAnswer;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Lupine\Core\Formats\TableText;
use Lupine\Core\Import\Choices;
use Lupine\Core\Motion\FrameRate;
use Lupine\Core\Motion\NumberField;
use Lupine\Core\Piece\Field;
use Lupine\Core\Piece\PlainText;
use Lupine\Core\Piece\Stage;

final readonly class FiguresController
{
    public function __construct(private TableAnswer $answer, private Incoming $incoming)
    {
    }

    private const LONGEST_NUMBER = 200;

    /** A pasted table, understood, before anything is made of it. */
    public function read(Request $request): JsonResponse
    {
        $body = Body::of($request);
        $taken = TableText::understood($body->get('text')->long(2 * TableText::MAX_BYTES, ''));

        return $this->answer->of($taken, $body->get('whole')->isNull() ? null : $body->get('whole')->text(200));
    }

    /** A file that was dropped: its sheets, and what is understood of the first that has a table. */
    public function file(Request $request): JsonResponse
    {
        $asked = Field::root($request->query());
        $name = PlainText::writable(mb_substr(basename(trim($asked->get('name')->text(1000, ''))), 0, 200));
        $id = $this->incoming->keep((string) $request->getContent(), $name !== '' ? $name : 'The file');

        return $this->answer->ofFile($id, $this->answer->firstSheet($id), new Choices(), null);
    }

    /** Another sheet of a file, or the same one with other decisions. */
    public function sheet(Request $request): JsonResponse
    {
        $body = Body::of($request);

        return $this->answer->ofFile(
            $body->get('file')->text(64),
            $body->get('sheet')->whole(0, 10_000, 0),
            Choices::read(Field::root($body->get('choices')->isNull() ? [] : $body->get('choices')->value())),
            $body->get('whole')->isNull() ? null : $body->get('whole')->text(200),
        );
    }

    /** What was typed into a number field, as one number in the field's unit. */
    public function number(Request $request): JsonResponse
    {
        $body = Body::of($request);
        $rate = $body->get('rate')->isNull() ? FrameRate::of(30) : FrameRate::of(...Stage::rate($body->get('rate')));
        $value = NumberField::read(
            $body->get('text')->text(self::LONGEST_NUMBER, ''),
            $body->get('unit')->oneOf(NumberField::UNITS, 'number'),
            $rate,
            $body->get('dropFrame')->yes(false) && $rate->canDropFrames(),
        );

        return response()->json(['value' => $value]);
    }
}
