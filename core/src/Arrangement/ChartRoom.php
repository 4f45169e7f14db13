<?php

declare(strict_types=1);

namespace Lupine\Core\Arrangement;

use Lupine\Core\Form\Solid;
use Lupine\Core\Geometry\Box;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Lettering\WordBoxes;
use Lupine\Core\Piece\Chart;
use Lupine\Core\Piece\ChartWords;
use Lupine\Core\Piece\FormSettings;
use Lupine\Core\Piece\Place;
use Lupine\Core\Story\ChartTiming;
use Lupine\Core\Words\TextSetter;

/** As large as a chart may be in a room, with the words at its marks, whatever its figures are over time. */
final readonly class ChartRoom
{
    /** each try leaves room for the words as they stood at the one before */
    private const TRIES = 4;

    /** pixels by which a room that no longer changes differs at most */
    private const STILL = 0.001;

    /** the least side of a chart, in pixels */
    private const LEAST = 40.0;

    public function __construct(private Chart $chart, private ChartTiming $timing, private TextSetter $setter)
    {
    }

    /** moments of a run that are looked at, about */
    private const LOOKS = 6;

    /**
     * @return array{Place, FormSettings, Box, Box} the last two: what the marks lie in, and what they and their words
     *                                              do
     */
    public function fit(Box $room, ChartWords $words): array
    {
        $count = count($this->timing->figures()->list);
        $fitted = function (Box $inner) use ($count, $words, $room): array {
            $settings = $this->chart->form->with($this->timing->form->fitted($inner->width, $inner->height, $count));

            return [$settings, $inner->middle(), ...$this->boxes($settings, $inner->middle(), $words, $room)];
        };
        [$settings, $middle, $extent, $all] = $fitted($room);
        $before = $room;
        for ($try = 0; $try < self::TRIES; ++$try) {
            $left = max(0.0, $extent->left - $all->left);
            $top = max(0.0, $extent->top - $all->top);
            $inner = new Box(
                $room->left + $left,
                $room->top + $top,
                max(self::LEAST, $room->width - $left - max(0.0, $all->right() - $extent->right())),
                max(self::LEAST, $room->height - $top - max(0.0, $all->bottom() - $extent->bottom())),
            );
            $moved = max(
                abs($inner->left - $before->left),
                abs($inner->top - $before->top),
                abs($inner->width - $before->width),
                abs($inner->height - $before->height),
            );
            if ($moved < self::STILL) {
                break;
            }
            [$settings, $middle, $extent, $all] = $fitted($inner);
            $before = $inner;
        }
        // In the middle is what is seen of it, not its own centre alone.
        $x = $middle->x + $room->middle()->x - $all->middle()->x;
        $y = $middle->y + $room->middle()->y - $all->middle()->y;

        return [new Place(round($x, 1), round($y, 1), 1.0, $this->chart->place->turn), $settings, $extent, $all];
    }

    /** @return array{Box, Box} what the marks lie in, and what they and their words do */
    private function boxes(FormSettings $settings, Point $middle, ChartWords $words, Box $room): array
    {
        $boxes = new WordBoxes(
            $this->chart->arranged($this->chart->place, $settings, $words),
            $this->timing,
            $this->setter,
        );
        $states = $this->timing->story->states;
        $extents = $all = [$this->timing->form->layout($settings, $middle, $states[0]->moment())->extent()];
        // Of a run through many moments a few tell how much room words take.
        $step = max(1, intdiv(count($states) - 1, self::LOOKS));
        foreach ($states as $index => $state) {
            if ($index > 0 && $index % $step > 0 && $index < count($states) - 1) {
                continue;
            }
            $layout = $this->timing->form->layout($settings, $middle, $state->moment());
            $extents[] = $layout->extent();
            array_push($all, $layout->extent(), ...$boxes->of($layout, $room));
            if ($layout instanceof Solid) {
                // What is moved out of a solid comes to the front and stands over words.
                $extent = $layout->extent();
                $out = 2 * $this->timing->mostOut();
                $all[] = Box::around($extent->middle(), $extent->width + $out, $extent->height + $out / 2);
            }
        }

        return [Box::joined($extents), Box::joined($all)];
    }
}
