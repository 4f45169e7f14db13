<?php

declare(strict_types=1);

namespace Lupine\Core\Drawing;

use Lupine\Core\Figures\Figure;
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
        $plan = LegendPlan::of($legend, $this->timing, $this->setter);
        $isOfSeries = $this->timing->figures()->seriesCount() > 1;
        $places = $this->places($plan, $isOfSeries);
        $rows = [];
        foreach ($this->entries($isOfSeries) as $id) {
            [$left, $middle, $width] = $places[0][$id];
            $label = LegendPlan::label($this->timing->figure($id), $isOfSeries);
            $baseline = Track::constant($middle + $this->setter->capHeight($plan->style) / 2);
            $rows[] = new GroupNode(
                'legend-'.$id,
                [
                    new PathNode(
                        Track::constant(OutlineBuilder::circle(new Point($left + $plan->dot(), $middle), $plan->dot())),
                        new FlatPaint($this->timing->colours[$id]),
                    ),
                    $this->texts->line(
                        $this->setter->fitted($label, $plan->style, $plan->labelRoom),
                        $plan->style,
                        Track::constant($left + $plan->labelShift()),
                        $baseline,
                        'left',
                    ),
                    ...$isOfSeries ? [] : [
                        $this->texts->reading(
                            $this->readings[$id],
                            $plan->style,
                            Track::constant($left + $width),
                            $baseline,
                            'right',
                            $id,
                        ),
                    ],
                ],
                $this->opacity($id),
                $this->pose($id, $places),
            );
        }

        return new GroupNode('legend', $rows);
    }

    /**
     * A row comes with its part, and dims with it.
     *
     * @return Track<float>
     */
    private function opacity(string $id): Track
    {
        $there = DrawChartWords::fadeIn($this->shapes->presences[$id]);
        $dimmed = $this->timing->dimmed($id);
        if ($dimmed->isStill()) {
            return $there;
        }

        return Track::of(
            [$this->shapes->range->from, ...$there->changes, ...$dimmed->changes($this->shapes->range)],
            static fn (int $frame): float => round($there->at($frame) * $dimmed->at($frame), 4),
        );
    }

    /** @return list<string> a figure for each entry of the legend, in the order in which they are laid out at first */
    private function entries(bool $isOfSeries): array
    {
        return $isOfSeries
            ? array_map(static fn (Figure $figure): string => $figure->id, LegendPlan::entries($this->timing))
            : $this->shapes->order();
    }

    /** @return non-empty-list<array<string, array{float, float, float}>> by state, then by figure id */
    private function places(LegendPlan $plan, bool $isOfSeries): array
    {
        $first = $plan->places($this->entries($isOfSeries));
        if ($isOfSeries || count($this->timing->states()) === 1) {
            return [$first];
        }

        return array_map(static function (ChartState $state) use ($plan): array {
            $order = $state->places;
            asort($order);

            return $plan->places(array_map('strval', array_keys($order)));
        }, $this->timing->states());
    }

    /**
     * Entries change places as their figures do.
     *
     * @param non-empty-list<array<string, array{float, float, float}>> $places by state
     */
    private function pose(string $id, array $places): ?Pose
    {
        $at = array_map(static fn (array $places): array => $places[$id], $places);
        if (count(array_unique(array_map(static fn (array $one): string => $one[0].' '.$one[1], $at))) === 1) {
            return null;
        }
        $frames = [$this->shapes->range->from, ...$this->timing->changesOfFigures($this->shapes->range)];
        $moved = fn (int $side): Track => Track::of($frames, fn (int $frame): float => $this->timing->between(
            $frame,
            static fn (int $state): float => $at[$state][$side],
        ) - $at[0][$side]);

        return new Pose(new Point(0, 0), $moved(0), $moved(1), Track::constant(1.0), Track::constant(0.0));
    }
}
