<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Body;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Lupine\Core\Figures\Figures;
use Lupine\Core\Figures\ImpossibleFigures;
use Lupine\Core\Figures\MendSum;
use Lupine\Core\Finish\Tints;
use Lupine\Core\Formats\NewPiece;
use Lupine\Core\Formats\TableText;
use Lupine\Core\Motion\FrameRate;
use Lupine\Core\Motion\NumberField;
use Lupine\Core\Piece\Stage;
use Lupine\Core\Piece\Table;
use Lupine\Core\Problem;

final readonly class FiguresController
{
    private const LONGEST_NUMBER = 200;

    /** A pasted table, understood, before anything is made of it. */
    public function read(Request $request): JsonResponse
    {
        $table = TableText::read(Body::of($request)->get('text')->long(2 * TableText::MAX_BYTES, ''));
        $problems = [];
        $figures = [];
        try {
            $found = Figures::ofWhole($table, $table->columns[0]->id);
            $tints = Tints::of(NewPiece::SWATCH, count($found->list));
            foreach ($found->list as $index => $figure) {
                $figures[] = [
                    'id' => $figure->id,
                    'label' => $figure->label,
                    'share' => $figure->share(),
                    'shareText' => number_format($figure->share() * 100, 1).' %',
                    'colour' => $tints[$index],
                ];
            }
            $problems = $found->notices;
            $whole = number_format($found->whole->toFloat(), fmod($found->whole->toFloat(), 1.0) === 0.0 ? 0 : 2);
        } catch (ImpossibleFigures $reason) {
            $problems[] = Problem::error('impossible-figures', $reason->where, $reason->getMessage(), $reason->rowId);
        }

        return response()->json(
            [
                'table' => $table->toDocument(),
                'figures' => $figures,
                'whole' => $whole ?? null,
                'problems' => $problems,
            ],
            200,
            [],
            JSON_UNESCAPED_UNICODE,
        );
    }

    /** Brings parts that come to more than the whole back to it. */
    public function mend(Request $request): JsonResponse
    {
        $body = Body::of($request);
        $table = Table::read($body->get('table'));
        $column = $body->get('column')->id();
        $mended = $body->get('how')->oneOf(['scale', 'largest'], 'scale') === 'largest'
            ? MendSum::offTheLargest($table, $column)
            : MendSum::scaled($table, $column);

        return response()->json(['table' => $mended->toDocument()], 200, [], JSON_UNESCAPED_UNICODE);
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
