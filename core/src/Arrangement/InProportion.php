<?php

declare(strict_types=1);

namespace Lupine\Core\Arrangement;

use Lupine\Core\Piece\CaptionSettings;
use Lupine\Core\Piece\Chart;
use Lupine\Core\Piece\FreeText;
use Lupine\Core\Piece\LegendSettings;
use Lupine\Core\Piece\Panel;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Piece\Place;
use Lupine\Core\Piece\StageShape;

/**
 * A piece on a stage of another shape: everything where it stood, in proportion to the sides, and as much smaller as
 * the side that shrinks most; what has a place of its own there, at that place.
 */
final readonly class InProportion
{
    private float $across;
    private float $down;
    private float $size;

    public function __construct(private Piece $piece, private StageShape $shape)
    {
        $this->across = $shape->width / $piece->stage->width;
        $this->down = $shape->height / $piece->stage->height;
        $this->size = min($this->across, $this->down);
    }

    public function piece(): Piece
    {
        return $this->piece->arranged(
            $this->piece->stage->shaped($this->shape->width, $this->shape->height),
            array_map($this->chart(...), $this->piece->charts),
            array_map($this->words(...), $this->piece->words),
            $this->piece->captions === null ? null : $this->captions($this->piece->captions),
            array_map($this->panel(...), $this->piece->panels),
        );
    }

    private function chart(Chart $chart): Chart
    {
        $legend = $chart->words->legend;
        $own = $this->shape->own($chart->id);
        $words = $chart->words->arranged(
            $own->text ?? 1.0,
            $legend === null ? null : $this->legend($chart->id, $legend),
        );
        $place = $chart->place;
        if ($place->isByRule && $own === null) {
            return $chart->arranged($place, $chart->form, $words);
        }
        $size = ($own->size ?? $this->size) * $place->size;

        return $chart->arranged(
            new Place($own->x ?? $place->x * $this->across, $own->y ?? $place->y * $this->down, $size, $place->turn),
            $chart->form->with(array_filter(
                $own->form ?? [],
                static fn (string $name): bool => $chart->form->has($name),
                ARRAY_FILTER_USE_KEY,
            )),
            $words,
        );
    }

    private function legend(string $chart, LegendSettings $legend): LegendSettings
    {
        $own = $this->shape->own('legend-'.$chart);
        if ($legend->isByRule && $own === null) {
            return $legend;
        }

        return $legend->arranged(
            $own->x ?? $legend->x * $this->across,
            $own->y ?? $legend->y * $this->down,
            $own->width ?? $legend->width * $this->across,
            $legend->style->size * ($own->size ?? $this->size),
        );
    }

    private function words(FreeText $words): FreeText
    {
        $own = $this->shape->own($words->id);
        if ($words->isByRule && $own === null) {
            return $words;
        }

        return $words->arranged(
            $own->x ?? $words->x * $this->across,
            $own->y ?? $words->y * $this->down,
            $own->width ?? $words->width * $this->across,
            $words->align,
            $words->style->size * ($own->size ?? $this->size),
        );
    }

    /** What is as long as a side goes with that side; what is as wide as it is high stays so. */
    private function panel(Panel $panel): Panel
    {
        $own = $this->shape->own($panel->id);
        $isSquare = in_array($panel->kind, Panel::SQUARE, true);

        return $panel->arranged(
            $own->x ?? $panel->x * $this->across,
            $own->y ?? $panel->y * $this->down,
            $own->width ?? $panel->width * ($isSquare ? $this->size : $this->across),
            $own->height ?? $panel->height * ($isSquare || $panel->kind === 'rule' ? $this->size : $this->down),
        );
    }

    private function captions(CaptionSettings $captions): CaptionSettings
    {
        $own = $this->shape->own('captions');
        if ($captions->isByRule && $own === null) {
            return $captions;
        }

        return $captions->arranged(
            $own->y ?? $captions->y * $this->down,
            $own->width ?? min($captions->width, $this->shape->width * 0.9),
            $captions->style->size * ($own->size ?? $this->size),
        );
    }
}
