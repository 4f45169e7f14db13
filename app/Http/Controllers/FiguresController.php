<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Body;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Lupine\Core\Drawing\FormChoices;
use Lupine\Core\Figures\Figures;
use Lupine\Core\Figures\ImpossibleFigures;
use Lupine\Core\Finish\Tints;
use Lupine\Core\Formats\NewChart;
use Lupine\Core\Formats\TableText;
use Lupine\Core\Geometry\Box;
use Lupine\Core\Motion\FrameRate;
use Lupine\Core\Motion\NumberField;
use Lupine\Core\Piece\Stage;
use Lupine\Core\Piece\Table;
use Lupine\Core\Problem;

final readonly class FiguresController
{
    public function __construct(private FormChoices $choices)
    {
    }

    private const LONGEST_NUMBER = 200;

    /** A pasted table, understood, before anything is made of it. */
    public function read(Request $request): JsonResponse
    {
        $body = Body::of($request);
        $read = TableText::understood($body->get('text')->long(2 * TableText::MAX_BYTES, ''));
        $table = $read->table->withWhole($body->get('whole')->isNull() ? null : $body->get('whole')->text(200));
        $problems = [];
        $figures = [];
        $column = $table->columns[0]->id;
        $tints = Tints::of(NewChart::SWATCH, max(1, count($table->rows)));
        try {
            $found = self::found($table, $column, $problems);
            $sum = max(1e-12, array_sum(array_map(abs(...), $found->values())));
            foreach ($found->list as $index => $figure) {
                $part = abs($figure->value()) / $sum;
                $figures[] = [
                    'id' => $figure->id,
                    'label' => $figure->label,
                    'share' => $part,
                    'shareText' => number_format($figure->share() * 100, 1).' %',
                    'colour' => $tints[$index],
                ];
            }
            array_push($problems, ...$found->notices);
            $whole = number_format($found->whole->toFloat(), fmod($found->whole->toFloat(), 1.0) === 0.0 ? 0 : 2);
        } catch (ImpossibleFigures $reason) {
            $problems[] = Problem::error('impossible-figures', $reason->where, $reason->getMessage(), $reason->rowId);
        }
        $room = new Box(0, 0, 700, 700);

        return response()->json(
            [
                'table' => $table->toDocument(),
                'hasLabels' => $read->hasLabels,
                'figures' => $figures,
                'whole' => $whole ?? null,
                'problems' => $problems,
                'forms' => $this->choices->of($table, $column, $tints, null, $room),
            ],
            200,
            [],
            JSON_UNESCAPED_UNICODE,
        );
    }

    /**
     * Parts of a whole where they are that, else amounts, with the reason.
     *
     * @param list<Problem> $problems
     *
     * @throws ImpossibleFigures where no form can show them
     */
    private static function found(Table $table, string $column, array &$problems): Figures
    {
        try {
            return Figures::ofWhole($table, $column);
        } catch (ImpossibleFigures $reason) {
            $found = Figures::ofAmounts($table, $column, true);
            $problems[] = Problem::notice('no-parts', $reason->where, $reason->getMessage(), $reason->rowId);

            return $found;
        }
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
