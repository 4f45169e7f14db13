<?php

declare(strict_types=1);

namespace Lupine\Core\Drawing;

use Lupine\Core\Figures\Figure;
use Lupine\Core\Figures\Presence;
use Lupine\Core\Finish\Colour;
use Lupine\Core\Form\Anchor;
use Lupine\Core\Form\Layout;
use Lupine\Core\Form\Room;
use Lupine\Core\Form\Shape;
use Lupine\Core\Geometry\Box;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Lettering\AxisTitle;
use Lupine\Core\Lettering\AxisTitles;
use Lupine\Core\Lettering\Ground;
use Lupine\Core\Lettering\NamesAlong;
use Lupine\Core\Lettering\PartInk;
use Lupine\Core\Lettering\WordBoxes;
use Lupine\Core\Lettering\WordSizes;
use Lupine\Core\Motion\Track;
use Lupine\Core\Piece\CentreSettings;
use Lupine\Core\Piece\Chart;
use Lupine\Core\Piece\NamesSettings;
use Lupine\Core\Piece\TextStyle;
use Lupine\Core\Reel\Role;
use Lupine\Core\Story\ChartState;
use Lupine\Core\Story\ChartTiming;
use Lupine\Core\Words\TextSetter;
use Lupine\Core\Words\TotalReading;

/** The words of a chart: names and labels at the marks, the legend, the total in the middle. */
final readonly class DrawChartWords
{
    /** @var array<string, Track<string>> by figure id; a label and a legend count with the same track */
    private array $readings;

    private TextSetter $setter;

    public function __construct(
        private Chart $chart,
        private ChartTiming $timing,
        private ChartShapes $shapes,
        private FigurePoses $poses,
        private DrawTexts $texts,
        private Ground $ground,
    ) {
        $this->setter = $texts->setter;
        $this->readings = $timing->amounts->readings($shapes->range, $shapes->presences);
    }

    /** @return list<Node> names, labels and the number in the middle */
    public function atMarks(): array
    {
        $nodes = [];
        if ($this->chart->words->names !== null) {
            $nodes = $this->names($this->chart->words->names);
        }
        $labels = new DrawLabels(
            $this->chart,
            $this->timing,
            $this->shapes,
            $this->readings,
            $this->texts,
            $this->ground,
        );
        foreach ($labels->draw() as $figureId => $label) {
            array_push($nodes, ...$this->poses->pose((string) $figureId, [$label]));
        }
        $first = $this->timing->layouts->of(0);
        $within = (new WordBoxes($this->chart, $this->timing, $this->setter))->besideAxes($first);
        $titles = $this->axisTitles((new AxisTitles($this->chart->words, $this->setter))->of($first, $within));
        if ($titles !== []) {
            $nodes[] = new GroupNode(
                Role::AxisTitles,
                $titles,
                self::anyThere(array_values($this->shapes->presences)),
            );
        }
        $room = $this->shapes->first()->middle();
        if ($this->chart->words->centre !== null && $room !== null) {
            $nodes[] = $this->centre($this->chart->words->centre, $room);
        }

        return $nodes;
    }

    /** @return list<Node> */
    public function legend(): array
    {
        $legend = $this->chart->words->legend;

        if ($legend === null) {
            return [];
        }
        $draw = new DrawLegend($this->timing, $this->shapes, $this->readings, $this->texts, $this->ground);

        return [$draw->draw($legend)];
    }

    /**
     * The names of the figures where their marks begin, as far as the form has a place for them.
     *
     * @return list<Node>
     */
    private function names(NamesSettings $settings): array
    {
        $style = $settings->style;
        $names = $set = [];
        $cap = $this->setter->capHeight($style);
        $sizes = new WordSizes($this->chart, $this->timing, $this->setter);
        $along = null;
        foreach ($this->shapes->order() as $number => $id) {
            $foot = $this->shapes->fulls[$id]->map(
                static fn (Shape $shape): ?Anchor => $shape->foot($style->size * 0.5, $cap),
            );
            $first = $this->shapes->beginning->shape($id, Presence::full(), 0.0)->foot($style->size * 0.5, $cap);
            if ($first === null) {
                continue;
            }
            if ($number === 0) {
                $along = NamesAlong::of($this->timing, $this->setter, $style, $first->room ?? INF);
            }
            if ($along !== null && !isset($along[$id])) {
                continue;
            }
            $lines = $along === null
                ? $sizes->name($this->timing->figure($id), $style, $first->room)
                : ['lines' => [$along[$id]], 'style' => $style];
            if ($lines['lines'] === [''] || $lines['lines'] === []) {
                continue;
            }
            $ink = PartInk::on($lines['style'], $this->timing->colours[$id], $this->behind($first->point, $style));
            $wide = max(array_map(fn (string $line): float => $this->setter->width($line, $ink), $lines['lines']));
            $set[$id] = [$lines['lines'], $ink, $foot->map(static fn (?Anchor $at): Anchor => $at ?? $first), $wide];
        }
        $widest = max([0.0, ...array_column($set, 3)]);
        foreach ($set as $id => [$lines, $ink, $foot, $wide]) {
            $id = (string) $id;
            $foot = $foot->map(static fn (Anchor $at): Anchor => $at->alignedTo($settings->align, $widest));
            $first = $foot->first();
            $count = count($lines);
            $styles = $this->timing->styles->track('names', $ink, $this->shapes->range);
            $nodes = $this->texts->plate(
                $styles,
                $foot->map(static fn (Anchor $at): Box => self::nameBox($at, $wide, $cap, $style->step(), $count)),
                $id,
            );
            foreach ($lines as $index => $line) {
                // Beside a mark they are centred about its middle, below it they hang down.
                $down = $first->align === 'middle' ? $index : $index - ($count - 1) / 2;
                $nodes[] = $this->texts->line(
                    $line,
                    $styles,
                    $foot->map(static fn (Anchor $at): float => $at->point->x),
                    $foot->map(static fn (Anchor $at): float => $at->point->y + $cap / 2 + $down * $style->step()),
                    $first->align,
                    $id,
                );
            }
            $fade = self::fadeIn($this->shapes->presences[$id]);
            $shown = $this->timing->shown($id, $this->shapes->range);
            $seen = $shown === null ? $fade : Track::combine(
                [$fade, $shown],
                static fn (array $both): float => $both[0] * $both[1],
            );
            $isBeside = $first->align === 'middle';
            $names[] = new GroupNode(
                Role::Name,
                $nodes,
                $this->timing->clear($id, $seen, $this->shapes->range, $isBeside),
                of: $id,
            );
        }

        return $names;
    }

    /** What a name takes: beside its mark about the mark’s middle, below it from there down. */
    private static function nameBox(Anchor $at, float $width, float $cap, float $step, int $lines): Box
    {
        $left = $at->point->x - $width * match ($at->align) {
            'left' => 0.0,
            'right' => 1.0,
            default => 0.5,
        };
        $above = $at->align === 'middle' ? 0.0 : ($lines - 1) / 2 * $step;

        return new Box($left, $at->point->y - $cap / 2 - $above, $width, $cap + ($lines - 1) * $step);
    }

    /** What is behind words at a point of the chart, where it stands still. */
    private function behind(Point $point, TextStyle $style): ?Colour
    {
        $behind = $this->ground->colourAt($this->timing->whole->onStage($point, 0));

        return $this->texts->plates->behind($style->plate, $behind, $style->size);
    }

    /**
     * @param list<AxisTitle> $titles
     *
     * @return list<Node>
     */
    private function axisTitles(array $titles): array
    {
        if ($this->chart->words->axis === null) {
            return [];
        }
        $style = $this->chart->words->axis->style;
        $styles = $this->timing->styles->track('axis', $style, $this->shapes->range);
        $none = Track::constant(0.0);
        $nodes = [];
        foreach ($titles as $title) {
            $middle = $title->box->middle();
            $line = $this->texts->line(
                $title->text,
                $styles,
                Track::constant($middle->x),
                Track::constant($middle->y + $this->setter->capHeight($style) / 2),
                'middle',
                'axis',
            );
            $turned = $title->isUpright ? Box::around($middle, $title->box->height, $title->box->width) : $title->box;
            $plate = $this->texts->plate($styles, Track::constant($turned), 'axis');
            $upright = new Pose($middle, $none, $none, Track::constant(1.0), Track::constant(-90.0));
            $nodes[] = new GroupNode(Role::AxisTitle, [...$plate, $line], null, $title->isUpright ? $upright : null);
        }

        return $nodes;
    }

    private function centre(CentreSettings $centre, Room $room): GroupNode
    {
        $figures = $this->timing->figures()->list;
        $one = array_values(
            array_filter($figures, static fn (Figure $figure): bool => $figure->rowId === $centre->rowId),
        )[0] ?? null;
        if ($one !== null) {
            $presence = $this->shapes->presences[$one->id];
            $widest = max(
                array_map(
                    fn (ChartState $state): float => $this->setter->width(
                        $state->readings->of($one->id)->at(1.0),
                        $centre->style,
                        true,
                    ),
                    $this->timing->story->states,
                ),
            );

            return $this->inTheMiddle($centre, $room, $this->readings[$one->id], $one->id, $widest, [$presence]);
        }
        $presences = array_map(fn (Figure $figure): Track => $this->shapes->presences[$figure->id], $figures);
        $totals = array_map(
            fn (ChartState $state): TotalReading => TotalReading::of(
                $state->figures,
                $this->chart->words->reading,
                $centre->prefix,
                $centre->suffix,
            ),
            $this->timing->story->states,
        );
        $ones = array_fill(0, count($figures), 1.0);
        $widest = max(
            array_map(
                fn (TotalReading $total): float => $this->setter->width(
                    $total->at($ones),
                    $centre->style,
                    true,
                ),
                $totals,
            ),
        );

        return $this->inTheMiddle($centre, $room, $this->total($presences, $totals), 'total', $widest, $presences);
    }

    /**
     * @param Track<string> $number
     * @param string $readingOf the figure that it counts with, or `total`
     * @param float $widest that the number becomes, in pixels at its own size
     * @param list<Track<Presence>> $presences it comes with these
     */
    private function inTheMiddle(
        CentreSettings $centre,
        Room $room,
        Track $number,
        string $readingOf,
        float $widest,
        array $presences,
    ): GroupNode {
        $style = $centre->style->withSize($centre->style->size * min(1.0, $room->width / max(1.0, $widest)));
        $hasCaption = $centre->caption !== '';
        $small = $style->withSize($style->size * 0.34);
        $caption = (new BoundWords($this->timing, $this->chart->words->reading))
            ->track($centre->caption, $this->shapes->range);
        $broadest = max(array_map(
            fn (int $change): float => $this->setter->width($caption->atChange($change), $small),
            $caption->changes,
        ));
        $small = $small->withSize($small->size * min(1.0, $room->width / max(1.0, $broadest)));
        $middle = $this->shapes->layouts->map(static fn (Layout $layout): Room => $layout->middle() ?? $room);
        $down = $this->setter->capHeight($style) / 2 - ($hasCaption ? $small->size * 0.75 : 0.0);
        $x = $middle->map(static fn (Room $room): float => $room->middle->x);
        $y = $middle->map(static fn (Room $room): float => $room->middle->y + $down);
        if ($readingOf !== 'total') {
            $behind = $this->behind($room->middle, $style);
            $style = PartInk::on($style, $this->timing->colours[$readingOf], $behind);
            $small = PartInk::on($small, $this->timing->colours[$readingOf], $behind);
        }
        $wide = max(min($widest, $room->width), $hasCaption ? min($broadest, $room->width) : 0.0);
        $cap = $this->setter->capHeight($style);
        $set = fn (TextStyle $style): Track => $this->timing->styles->track('centre', $style, $this->shapes->range);
        $nodes = [
            ...$this->texts->plate($set($style), $middle->map(static fn (Room $room): Box => new Box(
                $room->middle->x - $wide / 2,
                $room->middle->y + $down - $cap,
                $wide,
                $cap + ($hasCaption ? $small->size * 1.35 : 0.0),
            )), 'centre'),
            $this->texts->reading($number, $set($style), $x, $y, 'middle', $readingOf),
        ];
        if ($hasCaption) {
            $nodes[] = $this->texts->run(
                $caption->map(fn (string $text) => $this->setter->run($text, $small)),
                $set($small),
                $x,
                $y->map(static fn (float $y): float => $y + $small->size * 1.35),
                'middle',
                'centre',
            );
        }

        return new GroupNode(Role::Centre, $nodes, self::anyThere($presences));
    }

    /**
     * @param list<Track<Presence>> $presences in the order of the sheet
     * @param list<TotalReading> $totals by state
     *
     * @return Track<string>
     */
    private function total(array $presences, array $totals): Track
    {
        $amounts = Track::combine(
            $presences,
            static fn (array $there): array => array_map(
                static fn (Presence $one): float => $one->amount,
                $there,
            ),
        );
        $changes = $this->timing->story->changes($this->shapes->range);
        if ($changes === []) {
            $total = $totals[$this->timing->story->stateIndexAt($this->shapes->range->from)];

            return $amounts->map(static fn (array $amounts): string => $total->at($amounts));
        }

        return Track::of([...$amounts->changes, ...$changes], function (int $frame) use (
            $amounts,
            $totals,
        ): string {
            $index = $this->timing->story->stateIndexAt($frame);

            return $this->timing->story->isSettledAt($frame)
                ? $totals[$index]->at($amounts->at($frame))
                : $totals[$index]->between(
                    $totals[$index - 1],
                    array_values($this->timing->story->valuesAt($frame)),
                    $amounts->at($frame),
                );
        });
    }

    /**
     * What belongs to all parts is there a little after the first.
     *
     * @param list<Track<Presence>> $presences
     *
     * @return Track<float>
     */
    private static function anyThere(array $presences): Track
    {
        return Track::combine(
            $presences,
            static fn (array $there): float => min(
                1.0,
                24 * array_sum(array_map(static fn (Presence $one): float => $one->amount, $there)),
            ),
        );
    }

    /**
     * Words come with their part and never before it.
     *
     * @param Track<Presence> $presence
     *
     * @return Track<float>
     */
    public static function fadeIn(Track $presence): Track
    {
        return $presence->map(static fn (Presence $there): float => round(min(1.0, $there->amount * 6), 4));
    }
}
