<?php

declare(strict_types=1);

namespace Lupine\Core\Arrangement;

use Lupine\Core\Drawing\ChartTiming;
use Lupine\Core\Drawing\LabelPlan;
use Lupine\Core\Drawing\TickNumbers;
use Lupine\Core\Drawing\WordSizes;
use Lupine\Core\Figures\Presence;
use Lupine\Core\Form\Anchor;
use Lupine\Core\Form\Layout;
use Lupine\Core\Geometry\Box;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Piece\Chart;
use Lupine\Core\Piece\ChartWords;
use Lupine\Core\Piece\FormSettings;
use Lupine\Core\Piece\Place;
use Lupine\Core\Words\TextSetter;

/** As large as a chart may be in a room, with the words at its marks, whatever its figures are over time. */
final readonly class ChartRoom
{
    /** each try leaves room for the words as they stood at the one before */
    private const TRIES = 4;

    /** the least side of a chart, in pixels */
    private const LEAST = 40.0;

    public function __construct(private Chart $chart, private ChartTiming $timing, private TextSetter $setter)
    {
    }

    /**
     * @return array{Place, FormSettings, Box, Box} the last two: what the marks lie in, and what they and their words do
     */
    public function fit(Box $room, ChartWords $words): array
    {
        $count = count($this->timing->figures()->list);
        $fitted = function (Box $inner) use ($count, $words): array {
            $settings = $this->chart->form->with($this->timing->form->fitted($inner->width, $inner->height, $count));

            return [$settings, $inner->middle(), ...$this->boxes($settings, $inner->middle(), $words)];
        };
        [$settings, $middle, $extent, $all] = $fitted($room);
        for ($try = 0; $try < self::TRIES; ++$try) {
            $left = max(0.0, $extent->left - $all->left);
            $top = max(0.0, $extent->top - $all->top);
            $inner = new Box(
                $room->left + $left,
                $room->top + $top,
                max(self::LEAST, $room->width - $left - max(0.0, $all->right() - $extent->right())),
                max(self::LEAST, $room->height - $top - max(0.0, $all->bottom() - $extent->bottom())),
            );
            [$settings, $middle, $extent, $all] = $fitted($inner);
        }
        // In the middle is what is seen of it, not its own centre alone.
        $x = $middle->x + $room->middle()->x - $all->middle()->x;
        $y = $middle->y + $room->middle()->y - $all->middle()->y;

        return [new Place(round($x, 1), round($y, 1), 1.0, $this->chart->place->turn), $settings, $extent, $all];
    }

    /** @return array{Box, Box} what the marks lie in, and what they and their words do */
    private function boxes(FormSettings $settings, Point $middle, ChartWords $words): array
    {
        $extents = $boxes = [];
        foreach ($this->timing->states() as $state) {
            $layout = $this->timing->form->layout($settings, $middle, $state->moment());
            $extents[] = $layout->extent();
            array_push($boxes, $layout->extent(), ...$this->wordsOf($layout, $words));
        }

        return [Box::joined($extents), Box::joined($boxes)];
    }

    /** @return list<Box> */
    private function wordsOf(Layout $layout, ChartWords $words): array
    {
        $sizes = new WordSizes(
            $this->chart->arranged($this->chart->place, $this->chart->form, $words),
            $this->timing,
            $this->setter,
        );
        $boxes = [];
        foreach ($layout->order() as $id) {
            $shape = $layout->shape($id, Presence::full(), 0.0);
            [$width, $height] = $words->labels === 'none' ? [0.0, 0.0] : $sizes->label($id);
            $isOn = match ($words->labels) {
                'none' => true,
                'on' => $shape->holds($shape->middle(), $width, $height, LabelPlan::MARGIN),
                'along' => $shape->along()?->holds($width, $height, LabelPlan::MARGIN) === true,
                default => false,
            };
            if (!$isOn) {
                $clear = $words->labelStyle->size * ($words->labelPlate === null ? 0.55 : 0.95);
                $boxes[] = Box::around($shape->beside($clear, $width, $height), $width, $height);
            }
            if ($words->names !== null) {
                $cap = $this->setter->capHeight($words->names);
                $foot = $shape->foot($words->names->size * 0.5, $cap);
                if ($foot !== null) {
                    $boxes[] = $this->name($id, $foot, $words, $sizes);
                }
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

    private function name(string $figureId, Anchor $foot, ChartWords $words, WordSizes $sizes): Box
    {
        \assert($words->names !== null);
        $name = $sizes->name($this->timing->figure($figureId), $words->names, $foot->room);
        $height = $this->setter->capHeight($name['style']) + (count($name['lines']) - 1) * $name['style']->size * 1.15;
        $box = $foot->box($name['width'], $height);

        // Below a mark its lines hang down from the first.
        return $foot->align === 'middle'
            ? new Box($box->left, $foot->point->y - $this->setter->capHeight($name['style']) / 2, $box->width, $height)
            : $box;
    }
}
