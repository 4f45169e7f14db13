<?php

declare(strict_types=1);

namespace Lupine\Core\Drawing;

use Lupine\Core\Geometry\OutlineBuilder;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Motion\Track;
use Lupine\Core\Piece\LegendSettings;
use Lupine\Core\Words\TextSetter;

/** The legend of a chart: a row for each figure, in the order in which they are laid out. */
final readonly class DrawLegend
{
    private DrawTexts $texts;

    /** @param array<string, Track<string>> $readings by figure id */
    public function __construct(
        private ChartTiming $timing,
        private ChartShapes $shapes,
        private array $readings,
        private TextSetter $setter,
    ) {
        $this->texts = new DrawTexts($setter);
    }

    public function draw(LegendSettings $legend): GroupNode
    {
        $dot = $legend->style->size * 0.42;
        $labelX = $legend->x + $dot * 2 + $legend->style->size * 0.42;
        [$labelWidth, $readingWidth] = $this->widths($legend);
        $room = max(20.0, $legend->x + $legend->width - $labelX - $readingWidth - $legend->style->size * 0.5);
        $style = $legend->style->withSize($legend->style->size * max(0.66, min(1.0, $room / $labelWidth)));
        $step = $legend->spacing * $legend->style->size;
        $rows = [];
        foreach ($this->entries() as $place => $id) {
            $y = $legend->y + $place * $step;
            $baseline = Track::constant($y + $this->setter->capHeight($style) / 2);
            $rows[] = new GroupNode(
                'legend-'.$id,
                [
                    new PathNode(
                        Track::constant(OutlineBuilder::circle(new Point($legend->x + $dot, $y), $dot)),
                        new FlatPaint($this->timing->colours[$id]),
                    ),
                    $this->texts->line(
                        $this->setter->fitted($this->label($id), $style, $room),
                        $style,
                        Track::constant($labelX),
                        $baseline,
                        'left',
                    ),
                    ...$this->isOfSeries() ? [] : [
                        $this->texts->reading(
                            $this->readings[$id],
                            $style,
                            Track::constant($legend->x + $legend->width),
                            $baseline,
                            'right',
                            $id,
                        ),
                    ],
                ],
                DrawChartWords::fadeIn($this->shapes->presences[$id]),
                $this->isOfSeries() ? null : $this->pose($id, $place, $step),
            );
        }

        return new GroupNode('legend', $rows);
    }

    /** @return list<string> a figure for each row of the legend: all of them, or of several series the first of each */
    private function entries(): array
    {
        $order = $this->shapes->order();
        if (!$this->isOfSeries()) {
            return $order;
        }
        $entries = [];
        foreach ($order as $id) {
            $entries[$this->timing->figure($id)->series] ??= $id;
        }
        ksort($entries);

        return array_values($entries);
    }

    private function isOfSeries(): bool
    {
        return $this->timing->figures()->seriesCount() > 1;
    }

    /** Rows change places as their figures do. */
    private function pose(string $id, int $place, float $step): ?Pose
    {
        $changes = $this->timing->changesOfFigures($this->shapes->range);
        if ($changes === []) {
            return null;
        }
        $down = Track::of(
            [$this->shapes->range->from, ...$changes],
            fn (int $frame): float => ($this->timing->placeAt($id, $frame) - $place) * $step,
        );
        [$none, $one] = [Track::constant(0.0), Track::constant(1.0)];

        return new Pose(new Point(0, 0), $none, $down, $one, $none);
    }

    /** @return array{float, float} of the widest label and of the widest reading, in pixels */
    private function widths(LegendSettings $legend): array
    {
        [$labelWidth, $readingWidth] = [1.0, 0.0];
        foreach ($this->entries() as $id) {
            foreach ($this->isOfSeries() ? [] : $this->timing->states() as $state) {
                $reading = $state->readings[$id]->at(1.0);
                $readingWidth = max($readingWidth, $this->setter->width($reading, $legend->style, true));
            }
            $labelWidth = max($labelWidth, $this->setter->width($this->label($id), $legend->style));
        }

        return [$labelWidth, $readingWidth];
    }

    private function label(string $figureId): string
    {
        $figure = $this->timing->figure($figureId);

        return trim($this->isOfSeries() ? $figure->seriesName : $figure->label);
    }
}
