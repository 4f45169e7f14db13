<?php

declare(strict_types=1);

namespace Lupine\Core\Drawing;

use Lupine\Core\Figures\Figure;
use Lupine\Core\Form\Grain;
use Lupine\Core\Geometry\Box;
use Lupine\Core\Geometry\OutlineBuilder;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Lettering\Ground;
use Lupine\Core\Lettering\LegendPlan;
use Lupine\Core\Lettering\PartInk;
use Lupine\Core\Motion\Track;
use Lupine\Core\Piece\Coat\Coats;
use Lupine\Core\Piece\Coat\LineCoat;
use Lupine\Core\Piece\Coat\TextureCoat;
use Lupine\Core\Piece\LegendSettings;
use Lupine\Core\Piece\TextStyle;
use Lupine\Core\Reel\Role;
use Lupine\Core\Story\ChartTiming;
use Lupine\Core\Words\TextSetter;

/** The legend of a chart: a row for each figure, in the order in which they are laid out. */
final readonly class DrawLegend
{
    /** how wide a line is at most, as a part of a dot’s radius, to be on it too (taste) */
    private const THIN = 0.25;

    private TextSetter $setter;

    /** @param array<string, Track<string>> $readings by figure id */
    public function __construct(
        private ChartTiming $timing,
        private ChartShapes $shapes,
        private array $readings,
        private DrawTexts $texts,
        private Ground $ground,
    ) {
        $this->setter = $texts->setter;
    }

    public function draw(LegendSettings $legend): GroupNode
    {
        $plan = LegendPlan::of($legend, $this->timing, $this->setter);
        $isOfSeries = $this->timing->figures()->seriesCount() > 1;
        $places = $plan->places($this->entries($isOfSeries));
        $isAfter = $legend->values === 'after';
        $hasReadings = LegendPlan::hasReadings($legend, $this->timing);
        $size = $legend->style->size;
        $plate = fn (float $left, float $middle, float $width, float $height): array => $this->texts->plate(
            $this->set($plan->style),
            Track::constant(new Box($left, $middle - $size / 2, $width, $height)),
            'legend',
        );
        $isForEach = $legend->plates === 'rows';
        $rows = $isForEach ? [] : $plate($legend->x, $legend->y, $plan->breadth(), $plan->height());
        foreach ($this->entries($isOfSeries) as $id) {
            [$left, $middle, $width] = $places[$id];
            $styles = $this->set($this->style($plan->style, $id, new Point($left, $middle)));
            $label = $this->setter->fitted(
                LegendPlan::label($this->timing->figure($id), $isOfSeries),
                $plan->style,
                $plan->labelRoom,
            );
            $after = $left + $plan->labelShift() + $this->setter->width($label, $plan->style) + $plan->beforeReading();
            $baseline = Track::constant($middle + $this->setter->capHeight($plan->style) / 2);
            $rows[] = new GroupNode(
                Role::LegendRow,
                [
                    ...$isForEach ? $plate($left, $middle, $width, $size) : [],
                    ...$this->dot($id, new Point($left + $plan->dot(), $middle), $plan->dot()),
                    $this->texts->line(
                        $label,
                        $styles,
                        Track::constant($left + $plan->labelShift()),
                        $baseline,
                        'left',
                        (string) $id,
                    ),
                    ...!$hasReadings ? [] : [
                        $this->texts->reading(
                            $this->readings[$id],
                            $styles,
                            Track::constant($isAfter ? $after : $left + $width),
                            $baseline,
                            $isAfter ? 'left' : 'right',
                            $id,
                        ),
                    ],
                ],
                $this->opacity($id),
                $this->pose($id, $places, $isOfSeries),
                of: (string) $id,
            );
        }

        return new GroupNode(Role::Legend, $rows);
    }

    /**
     * A dot with what fills the part.
     *
     * @return list<Node>
     */
    private function dot(string $id, Point $middle, float $radius): array
    {
        $outline = Track::constant(OutlineBuilder::circle($middle, $radius));
        $box = Track::constant(Box::around($middle, 2 * $radius, 2 * $radius));
        $on = new Coated(
            $id,
            Track::constant($this->timing->colours[$id]),
            $outline,
            $box->map(Grain::across(...)),
            $outline,
            $box,
            $this->texts->stage,
            $this->timing->coats[$id]->track($this->shapes->range)->map(
                static fn (Coats $coats): Coats => self::small($coats, $radius),
            ),
        );

        return $this->texts->coats->all($on);
    }

    /** Without what is too large for a dot, and without masks: one for each would cost more than it shows. */
    private static function small(Coats $coats, float $radius): Coats
    {
        return new Coats(
            $coats->fills,
            $coats->patterns,
            array_values(array_filter(
                $coats->textures,
                static fn (TextureCoat $one): bool => !$one->leavesHoles(),
            )),
            lines: array_values(array_filter(
                $coats->lines,
                static fn (LineCoat $one): bool => $one->place !== 'apart' && !$one->isDashed()
                    && $one->width <= $radius * self::THIN,
            )),
        );
    }

    /** @return Track<TextStyle> as moves change it */
    private function set(TextStyle $style): Track
    {
        return $this->timing->styles->track('legend', $style, $this->shapes->range);
    }

    /** @param Point $at where its row begins on the stage */
    private function style(TextStyle $style, string $id, Point $at): TextStyle
    {
        $behind = $this->texts->plates->behind($style->plate, $this->ground->colourAt($at), $style->size);

        return PartInk::on($style, $this->timing->colours[$id], $behind);
    }

    /**
     * A row comes with its part, and dims with it.
     *
     * @return Track<float>
     */
    private function opacity(string $id): Track
    {
        $there = DrawChartWords::fadeIn($this->shapes->presences[$id]);
        $there = $this->timing->clear($id, $there, $this->shapes->range) ?? $there;
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

    /**
     * Entries change places as their figures do, and when they do.
     *
     * @param array<string, array{float, float, float}> $places by figure id, in their order at first
     */
    private function pose(string $id, array $places, bool $isOfSeries): ?Pose
    {
        $changes = $this->timing->story->changes($this->shapes->range);
        if ($isOfSeries || count($this->timing->story->states) < 2) {
            return null;
        }
        $slots = array_values($places);
        $at = function (int $frame, int $side) use ($id, $slots): float {
            $place = max(0.0, min((float) (count($slots) - 1), $this->timing->story->placeAt($id, $frame)));
            $before = (int) floor($place);
            $after = $slots[min(count($slots) - 1, $before + 1)];

            return $slots[$before][$side] + ($after[$side] - $slots[$before][$side]) * ($place - $before);
        };
        $moved = fn (int $side): Track => Track::of(
            [$this->shapes->range->from, ...$changes],
            static fn (int $frame): float => $at($frame, $side) - $places[$id][$side],
        );

        return new Pose(new Point(0, 0), $moved(0), $moved(1), Track::constant(1.0), Track::constant(0.0));
    }
}
