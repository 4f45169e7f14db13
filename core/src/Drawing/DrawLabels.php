<?php

declare(strict_types=1);

namespace Lupine\Core\Drawing;

use Lupine\Core\Finish\Colour;
use Lupine\Core\Form\Anchor;
use Lupine\Core\Form\Shape;
use Lupine\Core\Geometry\OutlineBuilder;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Motion\Track;
use Lupine\Core\Piece\ChartWords;
use Lupine\Core\Piece\TextStyle;
use Lupine\Core\Words\TextSetter;

/** The labels of a chart's marks: on them where they fit, else beside them or at their ends. */
final readonly class DrawLabels
{
    private DrawTexts $texts;
    private WordSizes $sizes;

    /** @param array<string, Track<string>> $readings by figure id */
    public function __construct(
        private ChartWords $words,
        private ChartTiming $timing,
        private ChartShapes $shapes,
        private array $readings,
        private TextSetter $setter,
    ) {
        $this->texts = new DrawTexts($setter);
        $this->sizes = new WordSizes($words, $timing, $setter);
    }

    /** @return array<string, GroupNode> by figure id */
    public function draw(): array
    {
        $show = $this->words->labels;
        if ($show === 'none') {
            return [];
        }
        $labels = [];
        foreach ($this->shapes->order() as $id) {
            $full = $this->shapes->fulls[$id];
            if ($full->isConstant() && $full->at($this->shapes->range->from)->outline() === '') {
                continue;
            }
            $labels[$id] = $show === 'on' && $this->fitsOn($id) ? $this->labelOn($id) : $this->labelBeside($id);
        }

        return $labels;
    }

    private function labelOn(string $id): GroupNode
    {
        $style = $this->words->labelStyle->withColour(
            Colour::hex($this->timing->colours[$id])->textOn($this->words->labelStyle->colour),
        );
        $shapes = $this->shapes->shapes[$id];
        $place = $shapes->map(static fn (Shape $shape): Point => $shape->middle());
        [$width, $height] = $this->sizes->label($id);
        $presence = $this->shapes->presences[$id];
        $opacity = Track::of(
            $shapes->changes,
            static fn (int $frame): float => $presence->at($frame)->amount > 0
                && $shapes->at($frame)->holds($place->at($frame), $width, $height, 2.0)
                ? 1.0
                : 0.0,
        );

        return new GroupNode('label-'.$id, $this->lines($id, $style, $place, 'middle'), $opacity);
    }

    private function labelBeside(string $id): GroupNode
    {
        $style = $this->words->labelStyle;
        [$width, $height] = $this->sizes->label($id);
        $plate = $this->words->labelPlate;
        $clear = $style->size * ($plate === null ? 0.55 : 0.95);
        $shapes = $this->shapes->first()->wordsFollow() ? $this->shapes->shapes[$id] : $this->shapes->fulls[$id];
        $anchor = $shapes->map(
            static fn (Shape $shape): Anchor => $shape->beside($clear, $width, $height),
        );
        $align = $anchor->at($this->shapes->range->to)->align;
        $place = $anchor->map(static fn (Anchor $anchor): Point => $anchor->point);
        $lines = $this->lines($id, $style, $place, $align);
        if ($plate !== null) {
            array_unshift($lines, $this->plate($plate, $place, $align, $width, $height, $style->size * 0.4));
        }

        return new GroupNode('label-'.$id, $lines, DrawChartWords::fadeIn($this->shapes->presences[$id]));
    }

    /** @param Track<Point> $place */
    private function plate(
        string $colour,
        Track $place,
        string $align,
        float $width,
        float $height,
        float $margin,
    ): PathNode {
        $left = match ($align) {
            'left' => 0.0,
            'right' => $width,
            default => $width / 2,
        };
        $outline = $place->map(
            static fn (Point $at): string => OutlineBuilder::roundedRectangle(
                $at->x - $left - $margin,
                $at->y - $height / 2 - $margin,
                $width + 2 * $margin,
                $height + 2 * $margin,
                $margin,
            ),
        );

        return new PathNode($outline, new FlatPaint($colour));
    }

    /**
     * @param Track<Point> $place the middle of the label
     *
     * @return list<Node>
     */
    private function lines(string $id, TextStyle $style, Track $place, string $align): array
    {
        $kind = $this->words->labelText;
        $x = $place->map(static fn (Point $point): float => $point->x);
        $cap = $this->setter->capHeight($style);
        $nodes = [];
        if ($kind !== 'reading') {
            $small = $kind === 'both' ? $style->times(WordSizes::OVER) : $style;
            $shift = $kind === 'both' ? -$cap * 0.35 : $cap / 2;
            $nodes[] = $this->texts->line(
                $this->label($id),
                $small,
                $x,
                $place->map(static fn (Point $point): float => $point->y + $shift),
                $align,
            );
        }
        if ($kind !== 'label') {
            $shift = $kind === 'both' ? $cap * 1.15 : $cap / 2;
            $nodes[] = $this->texts->reading(
                $this->readings[$id],
                $style,
                $x,
                $place->map(static fn (Point $point): float => $point->y + $shift),
                $align,
                $id,
            );
        }

        return $nodes;
    }

    /** Whether it fits on the mark wherever the figures stand still. */
    private function fitsOn(string $id): bool
    {
        [$width, $height] = $this->sizes->label($id);
        $full = $this->shapes->fulls[$id];
        foreach (array_unique([$this->shapes->range->from, $this->shapes->range->to]) as $frame) {
            $shape = $full->at($frame);
            if (!$shape->holds($shape->middle(), $width, $height, 2.0)) {
                return false;
            }
        }

        return true;
    }

    private function label(string $id): string
    {
        return trim($this->timing->figure($id)->label);
    }
}
