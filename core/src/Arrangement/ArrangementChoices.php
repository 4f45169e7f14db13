<?php

declare(strict_types=1);

namespace Lupine\Core\Arrangement;

use Lupine\Core\Figures\ImpossibleFigures;
use Lupine\Core\Figures\Presence;
use Lupine\Core\Geometry\OutlineBuilder;
use Lupine\Core\Lettering\LegendPlan;
use Lupine\Core\Piece\ArrangementSettings;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Settings\BadPiece;
use Lupine\Core\Settings\Changed;
use Lupine\Core\Story\Timings;
use Lupine\Core\Words\TextBlock;
use Lupine\Core\Words\TextSetter;

/** Every rule that a piece can be arranged by, as a small true picture of it. */
final readonly class ArrangementChoices
{
    public function __construct(private Timings $timings, private TextSetter $setter)
    {
    }

    /**
     * @return list<array{charts: string, several: string, picture: list<array{string, string, float}>}> pictures in
     *                                                                                                   pixels of the
     *                                                                                                   stage
     *
     * @throws BadPiece where the piece has no such shape
     */
    public function of(Piece $piece, ?string $shape): array
    {
        $hasSeveral = count($piece->charts) > 1;
        $choices = [];
        foreach (array_keys(ArrangementSettings::CHARTS) as $charts) {
            $choices[] = Changed::of($piece->arrangement, ['charts' => $charts]);
        }
        foreach ($hasSeveral ? array_keys(ArrangementSettings::SEVERAL) : [] as $several) {
            if ($several !== $piece->arrangement->several) {
                $choices[] = Changed::of($piece->arrangement, ['several' => $several]);
            }
        }

        return array_map(fn (ArrangementSettings $one): array => [
            'charts' => $one->charts,
            'several' => $one->several,
            'picture' => $this->picture($piece->withArrangement($one), $shape),
        ], $choices);
    }

    /** @return list<array{string, string, float}> path data, colour and opacity */
    private function picture(Piece $piece, ?string $shape): array
    {
        $placed = (new Arrange($this->timings, $this->setter))->piece($piece, $shape);
        $paths = [];
        foreach ($placed->words as $words) {
            $block = TextBlock::of($this->setter, $words->shown(), $words->style, $words->width);
            foreach ($block->lines as $index => $line) {
                $wide = $this->setter->width($line, $words->style);
                $left = $words->x - $wide * match ($words->align) {
                    'left' => 0.0,
                    'right' => 1.0,
                    default => 0.5,
                };
                $top = $words->y + $index * $block->step() - $block->capHeight;
                $paths[] = [
                    OutlineBuilder::rectangle($left, $top, max(1.0, $wide), $block->capHeight),
                    $words->style->colour,
                    0.85,
                ];
            }
        }
        try {
            array_push($paths, ...$this->charts($placed));
        } catch (ImpossibleFigures) {
            // Words alone say where they stand, too.
        }

        return $paths;
    }

    /**
     * @return list<array{string, string, float}>
     *
     * @throws ImpossibleFigures
     */
    private function charts(Piece $placed): array
    {
        $paths = [];
        $timings = $this->timings->of($placed);
        foreach ($placed->charts as $chart) {
            $timing = $timings[$chart->id];
            $layout = $timing->layouts->at(0);
            foreach ($chart->isHidden ? [] : $layout->order() as $id) {
                $outline = $layout->shape($id, Presence::full(), 0.0)->outline();
                if ($outline !== '') {
                    $paths[] = [$outline, $timing->colours[$id], 1.0];
                }
            }
            $legend = $chart->isHidden ? null : $chart->words->legend;
            if ($legend === null) {
                continue;
            }
            $places = LegendPlan::of($legend, $timing, $this->setter)->places(array_map(
                static fn ($figure): string => $figure->id,
                LegendPlan::entries($timing),
            ));
            $size = $legend->style->size;
            foreach ($places as $id => [$left, $middle, $width]) {
                $dot = OutlineBuilder::rectangle($left, $middle - $size * 0.36, $size * 0.72, $size * 0.72);
                $line = OutlineBuilder::rectangle($left + $size, $middle - $size * 0.2, $width - $size, $size * 0.4);
                array_push($paths, [$dot, $timing->colours[$id], 1.0], [$line, $legend->style->colour, 0.45]);
            }
        }

        return $paths;
    }
}
