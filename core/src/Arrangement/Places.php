<?php

declare(strict_types=1);

namespace Lupine\Core\Arrangement;

use Lupine\Core\Contract\Map;
use Lupine\Core\Form\Forms;
use Lupine\Core\Piece\Chart;
use Lupine\Core\Piece\Piece;

/** Where everything stands, and who put it there: what a hand begins from. */
final readonly class Places
{
    public function __construct(private Forms $forms)
    {
    }

    /**
     * @param Piece $told as the document has it
     * @param Piece $placed on the stage at hand
     * @param string|null $shape of that stage; null: the piece's own
     *
     * @return array<string, Placed> by the id of a chart, a text or a panel, `legend-` and a chart's id, or `captions`
     */
    public function of(Piece $told, Piece $placed, ?string $shape): array
    {
        $own = $shape === null ? null : $told->shape($shape);
        $by = static fn (string $key, bool $isByRule): string => match (true) {
            $own?->own($key) !== null => 'own',
            $isByRule => 'rule',
            default => 'hand',
        };
        $places = [];
        foreach ($placed->charts as $index => $chart) {
            $before = $told->charts[$index];
            $places[$chart->id] = new Placed(
                $chart->place->x,
                $chart->place->y,
                $chart->place->size,
                $by($chart->id, $before->place->isByRule),
                turn: $chart->place->turn,
                text: $chart->words->labels->style->size / $before->words->labels->style->size,
                form: new Map($this->governed($before, $chart)),
            );
            $legend = $chart->words->legend;
            if ($legend !== null) {
                $places['legend-'.$chart->id] = new Placed(
                    $legend->x,
                    $legend->y,
                    $legend->style->size,
                    $by('legend-'.$chart->id, $before->words->legend?->isByRule === true),
                    width: $legend->width,
                    spacing: $legend->spacing,
                    flow: $legend->flow,
                    stands: $legend->isInside ? 'middle' : 'beside',
                );
            }
        }
        foreach ($placed->words as $index => $words) {
            $isByRule = $told->words[$index]->isByRule;
            $places[$words->id] = new Placed(
                $words->x,
                $words->y,
                $words->style->size,
                $by($words->id, $isByRule),
                width: $words->width,
            );
        }
        foreach ($placed->panels as $index => $panel) {
            $places[$panel->id] = new Placed(
                $panel->x,
                $panel->y,
                1.0,
                $by($panel->id, $told->panels[$index]->around !== null),
                turn: $panel->turn,
                width: $panel->width,
                height: $panel->height,
            );
        }
        if ($placed->captions !== null) {
            $places['captions'] = new Placed(
                0.0,
                $placed->captions->y,
                $placed->captions->style->size,
                $by('captions', $told->captions?->isByRule === true),
                width: $placed->captions->width,
            );
        }

        return $places;
    }

    /** @return array<string, float> numbers of the form that the rule sets, or that are other ones here, by setting */
    private function governed(Chart $before, Chart $chart): array
    {
        $fitted = $before->place->isByRule ? $this->forms->named($chart->form->kind)->fitted(100, 100, 1) : [];

        return array_filter(
            $chart->form->numbers(),
            static fn (float $number, string $name): bool => isset($fitted[$name])
                || $number !== $before->form->number($name),
            ARRAY_FILTER_USE_BOTH,
        );
    }
}
