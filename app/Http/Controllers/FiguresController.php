<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Api\ReadNumber;
use App\Http\Body;
use App\Http\Reply;
use App\Import\TableAnswer;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Lupine\Core\Formats\TableText;
use Lupine\Core\Import\Choices;
use Lupine\Core\Motion\FrameRate;
use Lupine\Core\Motion\NumberField;
use Lupine\Core\Piece\Rate;

final readonly class FiguresController
{
    public function __construct(private TableAnswer $answer)
    {
    }

    private const LONGEST_NUMBER = 200;

    /** A pasted table, understood, before anything is made of it. */
    public function read(Request $request): JsonResponse
    {
        $body = Body::of($request);
        $taken = TableText::understood(
            $body->get('text')->long(2 * TableText::MAX_BYTES, ''),
            numbers: Choices::numbersOf($body->get('numbers')),
        );

        $whole = $body->get('whole')->isNull() ? null : $body->get('whole')->text(200);

        return Reply::of($this->answer->of($taken, $whole));
    }

    /** What was typed into a number field, as one number in the field's unit. */
    public function number(Request $request): JsonResponse
    {
        $body = Body::of($request);
        $rate = $body->get('rate')->isNull() ? FrameRate::of(30) : FrameRate::of(...(new Rate())->read($body->get('rate')));
        $value = NumberField::read(
            $body->get('text')->text(self::LONGEST_NUMBER, ''),
            $body->get('unit')->oneOf(NumberField::UNITS, 'number'),
            $rate,
            $body->get('dropFrame')->flag(false) && $rate->canDropFrames(),
        );

        return Reply::of(new ReadNumber($value));
    }
}
