<?php

declare(strict_types=1);

namespace Lupine\Core\Drawing;

use Lupine\Core\Figures\ImpossibleFigures;
use Lupine\Core\Geometry\OutlineBuilder;
use Lupine\Core\Motion\Moves;
use Lupine\Core\Motion\Track;
use Lupine\Core\Piece\Backdrop;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Script\Beats;
use Lupine\Core\Words\FontBook;
use Lupine\Core\Words\TextSetter;

/** Piece in, drawing out: figures, form, motion, finish and words in one pure computation. */
final readonly class DrawPiece
{
    private TextSetter $setter;

    public function __construct(FontBook $fonts)
    {
        $this->setter = new TextSetter($fonts);
    }

    /** @throws ImpossibleFigures where a chart cannot be drawn from its table */
    public function draw(Piece $piece): Drawing
    {
        $moves = new Moves($piece, new Beats($piece));
        $texts = new DrawTexts($this->setter);
        $charts = new DrawChart($this->setter);
        $nodes = self::backdrop($piece);
        $timings = [];
        foreach ($piece->charts as $chart) {
            [$group, $timings[$chart->id]] = $charts->draw($chart, $piece->table($chart->table), $moves);
            $nodes[] = $group;
        }
        foreach ($piece->words as $words) {
            $nodes[] = $texts->free($words, $moves->ofWords($words->id));
        }
        if ($piece->captions !== null) {
            foreach ($piece->lines as $line) {
                $nodes[] = $texts->caption($line, $piece->captions, $piece->stage->width / 2);
            }
        }

        return new Drawing(
            $piece->stage->width,
            $piece->stage->height,
            $piece->stage->rateNumerator,
            $piece->stage->rateDenominator,
            $piece->stage->frames,
            $nodes,
            $timings,
        );
    }

    public function setter(): TextSetter
    {
        return $this->setter;
    }

    /** @return list<Node> */
    private static function backdrop(Piece $piece): array
    {
        $backdrop = $piece->backdrop;
        if ($backdrop->kind === 'transparent') {
            return [];
        }
        $width = $piece->stage->width;
        $height = $piece->stage->height;
        $all = Track::constant(OutlineBuilder::rectangle(0, 0, $width, $height));
        $paint =
            $backdrop->kind === 'radial'
                ? new RadialPaint($width / 2, $height / 2, hypot($width, $height) / 2, [
                    [0.0, $backdrop->colour, 1.0],
                    [1.0, $backdrop->edge, 1.0],
                ])
                : new FlatPaint($backdrop->colour);
        $nodes = [new PathNode($all, $paint)];
        if ($backdrop->vignette > 0) {
            $nodes[] = new PathNode($all, self::vignette($backdrop, $width, $height));
        }

        return [new GroupNode('backdrop', $nodes)];
    }

    private static function vignette(Backdrop $backdrop, int $width, int $height): RadialPaint
    {
        return new RadialPaint(
            $width / 2,
            $height / 2,
            $width * M_SQRT1_2,
            [
                [0.0, '#000000', 0.0],
                [0.5, '#000000', 0.0],
                [0.75, '#000000', $backdrop->vignette * 0.3],
                [1.0, '#000000', $backdrop->vignette],
            ],
            $height / $width,
        );
    }
}
