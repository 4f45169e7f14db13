<?php

declare(strict_types=1);

namespace Lupine\Core\Lettering;

use Lupine\Core\Figures\Presence;
use Lupine\Core\Form\Anchor;
use Lupine\Core\Form\Layout;
use Lupine\Core\Geometry\Box;
use Lupine\Core\Labels\PlaceLabels;
use Lupine\Core\Piece\Chart;
use Lupine\Core\Story\ChartTiming;
use Lupine\Core\Words\TextSetter;

/** What the words at a chart's marks and axes take of the stage. */
final readonly class WordBoxes
{
    /** how much of its room the number in the middle takes about */
    private const MIDDLE = 0.8;

    private WordSizes $sizes;

    public function __construct(private Chart $chart, private ChartTiming $timing, private TextSetter $setter)
    {
        $this->sizes = new WordSizes($chart, $timing, $setter);
    }

    /**
     * @param Box $room that the chart has
     *
     * @return list<Box> of names, of labels beside their marks, of numbers at ticks and of titles at the axes
     */
    public function of(Layout $layout, Box $room): array
    {
        $beside = $this->besideAxes($layout);
        $titles = (new AxisTitles($this->chart->words, $this->setter))->of($layout, $beside);

        return [
            ...$beside,
            ...$this->labels($layout, $room),
            ...array_map(static fn (AxisTitle $title): Box => $title->box, $titles),
        ];
    }

    /** @return list<Box> of names and of numbers at ticks */
    public function besideAxes(Layout $layout): array
    {
        $words = $this->chart->words;
        $style = $words->names?->style;
        $boxes = [];
        $along = null;
        foreach ($layout->order() as $number => $id) {
            $foot = $style === null
                ? null
                : $layout->shape($id, Presence::full(), 0.0)
                    ->foot($style->size * 0.5, $this->setter->capHeight($style));
            if ($foot !== null && $style !== null && $number === 0) {
                $along = NamesAlong::of($this->timing, $this->setter, $style, $foot->room ?? INF);
            }
            if ($foot !== null && ($along === null || isset($along[$id]))) {
                $boxes[] = $this->name($id, $along === null ? $foot : $foot->anywhere());
            }
        }
        $numbers = new TickNumbers($words, $this->setter);
        foreach ($layout->furniture() as $one) {
            if ($one->number !== null && $one->anchor !== null) {
                $boxes[] = $numbers->box($one->number, $one->anchor);
            }
        }

        return $boxes;
    }

    /** @return list<Box> of the number in the middle, with the line below it */
    public function middle(Layout $layout): array
    {
        $centre = $this->chart->words->centre;
        $room = $centre === null ? null : $layout->middle();

        return $centre === null || $room === null
            ? []
            : [Box::around($room->middle, $room->width * self::MIDDLE, min($room->width, $centre->style->size) * 1.5)];
    }

    /** @return list<Box> each where it stands alone, or, where they would be in each other's way, in a lane */
    private function labels(Layout $layout, Box $room): array
    {
        $words = $this->chart->words;
        $wishes = [];
        foreach ($words->labels->show === 'none' ? [] : $layout->order() as $id) {
            $shape = $layout->shape($id, Presence::full(), 0.0);
            [$width, $height] = $this->sizes->label($id);
            $isOn = match ($words->labels->show) {
                'on' => $shape->holds($shape->middle(), $width, $height, LabelPlan::MARGIN),
                'along' => $shape->along()?->holds($width, $height, LabelPlan::MARGIN) === true,
                default => false,
            };
            if (!$isOn) {
                $wishes[] = $this->sizes->wish($id, $shape, 0.0);
            }
        }

        return PlaceLabels::room($wishes, $room, $layout->extent(), $layout->spread());
    }

    private function name(string $figureId, Anchor $foot): Box
    {
        $style = $this->chart->words->names?->style;
        \assert($style !== null);
        $name = $this->sizes->name($this->timing->figure($figureId), $style, $foot->room);
        $height = $this->setter->capHeight($name['style']) + (count($name['lines']) - 1) * $name['style']->size * 1.15;
        $box = $foot->box($name['width'], $height);

        // Below a mark its lines hang down from the first.
        return $foot->align === 'middle'
            ? new Box($box->left, $foot->point->y - $this->setter->capHeight($name['style']) / 2, $box->width, $height)
            : $box;
    }
}
