<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

/** Charts that stand on the axis of another: in its place, as large as it is, and without an axis of their own. */
final readonly class SharedAxes
{
    /** numbers of a form that say how large it is */
    private const SIZES = ['width', 'height'];

    /**
     * Whose axis a chart stands on.
     *
     * @return array<string, string> the id of the other chart, by the ids of those that share one
     */
    public static function of(Piece $piece): array
    {
        $leaders = [];
        foreach ($piece->charts as $chart) {
            $leaders[$chart->id] = $chart->axisOf;
        }

        // One that itself stands on another's axis lends none.
        return array_filter(
            $leaders,
            static fn (?string $of, string $id): bool => $of !== null && $of !== $id
                && array_key_exists($of, $leaders) && $leaders[$of] === null,
            ARRAY_FILTER_USE_BOTH,
        );
    }

    /** The piece with each of them where the other one is. */
    public static function placed(Piece $piece): Piece
    {
        $shared = self::of($piece);
        if ($shared === []) {
            return $piece;
        }
        $charts = array_column($piece->charts, null, 'id');

        return $piece->arranged(
            $piece->stage,
            array_map(static function (Chart $chart) use ($shared, $charts): Chart {
                $other = $charts[$shared[$chart->id] ?? ''] ?? null;
                if ($other === null) {
                    return $chart;
                }
                $sizes = array_intersect_key($other->form->numbers(), array_flip(self::SIZES));
                $form = $chart->form->with(array_filter(
                    [...$sizes, 'axis' => 'none'],
                    $chart->form->has(...),
                    ARRAY_FILTER_USE_KEY,
                ));

                return $chart->arranged($other->place, $form, $chart->words);
            }, $piece->charts),
            $piece->words,
            $piece->captions,
            $piece->panels,
        );
    }
}
