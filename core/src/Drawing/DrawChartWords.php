<?php

declare(strict_types=1);

namespace Lupine\Core\Drawing;

use Lupine\Core\Finish\Colour;
use Lupine\Core\Form\RoundForm;
use Lupine\Core\Form\Slot;
use Lupine\Core\Geometry\OutlineBuilder;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Motion\Presence;
use Lupine\Core\Motion\Track;
use Lupine\Core\Piece\CentreSettings;
use Lupine\Core\Piece\Chart;
use Lupine\Core\Piece\LegendSettings;
use Lupine\Core\Piece\TextStyle;
use Lupine\Core\Words\TextSetter;
use Lupine\Core\Words\TotalReading;

/** The words of a round chart: labels on or beside the parts, the legend, the total in the middle. */
final readonly class DrawChartWords
{
    private DrawTexts $texts;

    /** @var array<string, Track<string>> by figure id; a label and a legend count with the same track */
    private array $readings;

    /** @param array<string, Track<Presence>> $presences by figure id */
    public function __construct(
        private Chart $chart,
        private RoundForm $form,
        private ChartTiming $timing,
        private array $presences,
        private TextSetter $setter,
    ) {
        $this->texts = new DrawTexts($setter);
        $readings = [];
        foreach ($timing->readings as $figureId => $reading) {
            $readings[$figureId] = $presences[$figureId]->map(
                static fn (Presence $there): string => $reading->at($there->amount),
            );
        }
        $this->readings = $readings;
    }

    /** @return list<Node> */
    public function draw(): array
    {
        $nodes = $this->labels();
        if ($this->chart->words->legend !== null) {
            $nodes[] = $this->legend($this->chart->words->legend);
        }
        if ($this->chart->words->centre !== null) {
            $nodes[] = $this->centre($this->chart->words->centre);
        }

        return $nodes;
    }

    /** @return list<Node> */
    private function labels(): array
    {
        $show = $this->chart->words->labels;
        if ($show === 'none') {
            return [];
        }
        $labels = [];
        foreach ($this->form->slots as $slot) {
            if ($slot->sweepDegrees > 0) {
                $labels[] = $show === 'on' && $this->fitsOn($slot) ? $this->labelOn($slot) : $this->labelBeside($slot);
            }
        }

        return $labels;
    }

    private function labelOn(Slot $slot): GroupNode
    {
        $presence = $this->presences[$slot->figureId];
        $style = $this->chart->words->labelStyle->withColour(
            Colour::hex($this->timing->colours[$slot->figureId])->textOn($this->chart->words->labelStyle->colour),
        );
        $out = $this->chart->own($slot->figureId)->out;
        $place = $presence->map(fn (Presence $there): Point => $this->middle($slot, $there->from, $there->to, $out));
        [$width, $height] = $this->labelBox($slot);
        $opacity = $presence->map(
            fn (Presence $there): float => $there->amount > 0
            && $this->form
                ->sector($slot, $there->from, $there->to, $out)
                ->holds($this->middle($slot, $there->from, $there->to, $out), $width, $height, 2.0)
                ? 1.0
                : 0.0,
        );

        return new GroupNode('label-'.$slot->figureId, $this->labelLines($slot, $style, $place, 'middle'), $opacity);
    }

    private function labelBeside(Slot $slot): GroupNode
    {
        $presence = $this->presences[$slot->figureId];
        $style = $this->chart->words->labelStyle;
        $out = $this->chart->own($slot->figureId)->out;
        $degrees = $slot->middleDegrees();
        $side = sin(deg2rad($degrees));
        [, $height] = $this->labelBox($slot);
        $at = $this->form->centre->towards(
            $degrees,
            $this->form->outerRadius() + $out + $style->size * 0.55 + (abs(cos(deg2rad($degrees))) * $height) / 2,
        );
        $align = abs($side) < 0.2 ? 'middle' : ($side > 0 ? 'left' : 'right');

        return new GroupNode(
            'label-'.$slot->figureId,
            $this->labelLines($slot, $style, Track::constant($at), $align),
            self::fadeIn($presence),
        );
    }

    /**
     * @param Track<Point> $place the middle of the label
     *
     * @return list<TextNode>
     */
    private function labelLines(Slot $slot, TextStyle $style, Track $place, string $align): array
    {
        $kind = $this->chart->words->labelText;
        $x = $place->map(static fn (Point $point): float => $point->x);
        $cap = $this->setter->capHeight($style);
        $nodes = [];
        if ($kind !== 'reading') {
            $small = $kind === 'both' ? $style->withSize($style->size * 0.7) : $style;
            $shift = $kind === 'both' ? -$cap * 0.35 : $cap / 2;
            $nodes[] = $this->texts->line(
                $this->label($slot->figureId),
                $small,
                $x,
                $place->map(static fn (Point $point): float => $point->y + $shift),
                $align,
            );
        }
        if ($kind !== 'label') {
            $shift = $kind === 'both' ? $cap * 1.15 : $cap / 2;
            $nodes[] = $this->texts->reading(
                $this->readings[$slot->figureId],
                $style,
                $x,
                $place->map(static fn (Point $point): float => $point->y + $shift),
                $align,
                $slot->figureId,
            );
        }

        return $nodes;
    }

    private function fitsOn(Slot $slot): bool
    {
        [$width, $height] = $this->labelBox($slot);
        $out = $this->chart->own($slot->figureId)->out;

        return $this->form->sector($slot, 0, 1, $out)->holds($this->middle($slot, 0, 1, $out), $width, $height, 2.0);
    }

    /** @return array{float, float} width and height in pixels */
    private function labelBox(Slot $slot): array
    {
        $style = $this->chart->words->labelStyle;
        $kind = $this->chart->words->labelText;
        $reading =
            $kind === 'label'
                ? 0.0
                : $this->setter->width($this->timing->readings[$slot->figureId]->at(1.0), $style, true);
        $label =
            $kind === 'reading'
                ? 0.0
                : $this->setter->width(
                    $this->label($slot->figureId),
                    $kind === 'both' ? $style->withSize($style->size * 0.7) : $style,
                );

        return [max($reading, $label), $this->setter->capHeight($style) * ($kind === 'both' ? 2.3 : 1.0)];
    }

    private function middle(Slot $slot, float $from, float $to, float $out): Point
    {
        $sector = $this->form->sector($slot, $from, $to, $out);
        if ($sector->isWhole() && $this->form->holeRadius() < 1e-9) {
            return $sector->centre;
        }

        return $sector->centre->towards(
            $sector->middleDegrees(),
            $this->form->holeRadius() > 0
                ? ($sector->outerRadius + $sector->innerRadius) / 2
                : $sector->outerRadius * 0.62,
        );
    }

    private function legend(LegendSettings $legend): GroupNode
    {
        $dot = $legend->style->size * 0.42;
        $labelX = $legend->x + $dot * 2 + $legend->style->size * 0.42;
        $readingWidth = 0.0;
        $labelWidth = 1.0;
        foreach ($this->form->slots as $slot) {
            $readingWidth = max(
                $readingWidth,
                $this->setter->width($this->timing->readings[$slot->figureId]->at(1.0), $legend->style, true),
            );
            $labelWidth = max($labelWidth, $this->setter->width($this->label($slot->figureId), $legend->style));
        }
        $room = max(20.0, $legend->x + $legend->width - $labelX - $readingWidth - $legend->style->size * 0.5);
        $style = $legend->style->withSize($legend->style->size * max(0.66, min(1.0, $room / $labelWidth)));
        $rows = [];
        foreach ($this->form->slots as $place => $slot) {
            $y = $legend->y + $place * $legend->spacing * $legend->style->size;
            $baseline = Track::constant($y + $this->setter->capHeight($style) / 2);
            $rows[] = new GroupNode(
                'legend-'.$slot->figureId,
                [
                    new PathNode(
                        Track::constant(OutlineBuilder::circle(new Point($legend->x + $dot, $y), $dot)),
                        new FlatPaint($this->timing->colours[$slot->figureId]),
                    ),
                    $this->texts->line(
                        $this->setter->fitted($this->label($slot->figureId), $style, $room),
                        $style,
                        Track::constant($labelX),
                        $baseline,
                        'left',
                    ),
                    $this->texts->reading(
                        $this->readings[$slot->figureId],
                        $style,
                        Track::constant($legend->x + $legend->width),
                        $baseline,
                        'right',
                        $slot->figureId,
                    ),
                ],
                self::fadeIn($this->presences[$slot->figureId]),
            );
        }

        return new GroupNode('legend', $rows);
    }

    private function centre(CentreSettings $centre): GroupNode
    {
        $total = TotalReading::of(
            $this->timing->figures,
            $this->chart->words->reading,
            $centre->prefix,
            $centre->suffix,
        );
        $presences = array_map(
            fn ($figure): Track => $this->presences[$figure->id],
            $this->timing->figures->list,
        );
        $text = Track::combine(
            $presences,
            static fn (array $there): string => $total->at(
                array_map(static fn (Presence $one): float => $one->amount, $there),
            ),
        );
        $full = $total->at(array_fill(0, count($presences), 1.0));
        $room = $this->form->holeRadius() > 0 ? $this->form->holeRadius() * 1.6 : $this->form->outerRadius();
        $style = $centre->style->withSize(
            $centre->style->size * min(1.0, $room / max(1.0, $this->setter->width($full, $centre->style, true))),
        );
        $hasCaption = $centre->caption !== '';
        $small = $style->withSize($style->size * 0.34);
        $small = $small->withSize(
            $small->size * min(1.0, $room / max(1.0, $this->setter->width($centre->caption, $small))),
        );
        $x = Track::constant($this->form->centre->x);
        $y = $this->form->centre->y + $this->setter->capHeight($style) / 2 - ($hasCaption ? $small->size * 0.75 : 0.0);
        $nodes = [$this->texts->reading($text, $style, $x, Track::constant($y), 'middle', 'total')];
        if ($hasCaption) {
            $nodes[] = $this->texts->line(
                $centre->caption,
                $small,
                $x,
                Track::constant($y + $small->size * 1.35),
                'middle',
            );
        }
        $opacity = Track::combine(
            $presences,
            static fn (array $there): float => min(
                1.0,
                24 * array_sum(array_map(static fn (Presence $one): float => $one->amount, $there)),
            ),
        );

        return new GroupNode('centre', $nodes, $opacity);
    }

    private function label(string $figureId): string
    {
        return trim($this->timing->figure($figureId)->label);
    }

    /**
     * Words come with their part and never before it.
     *
     * @param Track<Presence> $presence
     *
     * @return Track<float>
     */
    private static function fadeIn(Track $presence): Track
    {
        return $presence->map(static fn (Presence $there): float => round(min(1.0, $there->amount * 6), 4));
    }
}
