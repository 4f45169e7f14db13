<?php

declare(strict_types=1);

namespace App\Http\Controllers;

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
use Lupine\Core\Piece\Field;
use Lupine\Core\Piece\Table;
use Lupine\Core\Problem;

final readonly class FiguresController
{
    /** A pasted table, understood, before anything is made of it. */
    public function read(Request $request): JsonResponse
    {
        $table = TableText::read($request->string('text')->toString());
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
        $table = Table::read(Field::root($request->json()->all())->get('table'));
        $column = $request->string('column')->toString();
        $mended =
            $request->string('how')->toString() === 'largest'
                ? MendSum::offTheLargest($table, $column)
                : MendSum::scaled($table, $column);

        return response()->json(['table' => $mended->toDocument()], 200, [], JSON_UNESCAPED_UNICODE);
    }

    /** What was typed into a number field, as one number in the field's unit. */
    public function number(Request $request): JsonResponse
    {
        $rate = $request->input('rate');
        $rate =
            is_array($rate) && isset($rate[0], $rate[1]) && is_int($rate[0]) && is_int($rate[1])
                ? FrameRate::of($rate[0], $rate[1])
                : FrameRate::of(30);

        return response()->json([
            'value' => NumberField::read(
                $request->string('text')->toString(),
                $request->string('unit')->toString(),
                $rate,
                $request->boolean('dropFrame') && $rate->canDropFrames(),
            ),
        ]);
    }
}
