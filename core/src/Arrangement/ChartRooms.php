<?php

declare(strict_types=1);

namespace Lupine\Core\Arrangement;

use Lupine\Core\Figures\Presence;
use Lupine\Core\Geometry\Box;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Lettering\LegendPlan;
use Lupine\Core\Lettering\WordSizes;
use Lupine\Core\Piece\Chart;
use Lupine\Core\Piece\ChartWords;
use Lupine\Core\Piece\FormSettings;
use Lupine\Core\Piece\LegendSettings;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Piece\Place;
use Lupine\Core\Story\ChartTiming;
use Lupine\Core\Words\TextSetter;

/** Several charts share a room, each with its legend: in a row, in a column or in a grid. */
final readonly class ChartRooms
{
    /** of a legend in the middle: how much smaller each try is, how close its rows are, and its distance to marks */
    private const SMALLER = 0.96;
    private const CLOSE = 1.5;
    private const BEFORE_MARKS = 0.35;

    /** between two charts, as a fraction of the shorter side of the stage */
    private const BETWEEN = 0.06;

    /** sides of a room from which on a legend below its chart is a column */
    private const TALL = 1.25;

    /** entries up to which a legend is a column */
    private const COLUMN = 9;

    /** how much of the room a legend takes at most */
    private const LEGEND = 0.42;

    /** sizes of a legend that are tried, as fractions of its own */
    private const SIZES = [1.0, 0.86, 0.74];

    /** the least size of type, as a fraction of the stage's shorter side (common practice, no source) */
    private const LEAST = 0.0155;

    /** how often charts of a row are brought in line, and the least part of its height that a chart keeps by it */
    private const LINED = 3;
    private const ALIKE = 0.6;

    /** charts up to which every number of columns is tried */
    private const TRIED = 4;

    /** how much wider than it must be a legend is; and what stands between it and its chart */
    private const LOOSE = 1.12;
    private const AWAY = 0.05;
    private const BELOW = 1.4;

    /** how much of the way to the next mark words take, how often they are made smaller, and how much at once */
    private const OF_PITCH = 0.94;
    private const TRIES = 2;
    private const LEAST_FIT = 0.3;

    /** the shorter side of a room in which words at marks are as large as they say, as a fraction of the stage's */
    private const FULL_SIZE = 0.6;
    private const SMALLEST = 0.55;

    public function __construct(
        private Piece $piece,
        /** @var array<string, ChartTiming> by chart id */
        private array $timings,
        private TextSetter $setter,
        private float $size,
    ) {
    }

    /**
     * @param list<Chart> $charts
     * @param array<string, LegendSettings> $placed legends that stand elsewhere already, by chart id
     *
     * @return array<string, Chart> by id
     */
    public function place(array $charts, Box $room, array $placed): array
    {
        $best = [];
        $most = -INF;
        foreach ($this->columns(count($charts)) as $columns) {
            $made = [];
            $worth = 0.0;
            $rooms = $this->rooms($room, count($charts), $columns);
            foreach ($rooms as $index => $one) {
                $chart = $charts[$index];
                $made[$chart->id] = $this->chart($chart, $one, $placed[$chart->id] ?? null);
            }
            foreach (array_chunk(array_keys($rooms), max(1, $columns)) as $row) {
                $made = $this->inLine(
                    array_map(static fn (int $index): array => [$charts[$index], $rooms[$index]], $row),
                    $placed,
                    $made,
                );
            }
            foreach ($charts as $chart) {
                $worth += (new ChartWorth($this->timings[$chart->id], $this->setter))->of($made[$chart->id]);
            }
            if ($worth > $most + 1e-9) {
                [$best, $most] = [$made, $worth];
            }
        }
        foreach ($charts as $chart) {
            $best[$chart->id] = $this->kept($chart, $best[$chart->id]);
        }

        return $best;
    }

    /**
     * Charts of a row share their tops and baselines: each in as much of its room as lets its marks stand between the
     * same two lines.
     *
     * @param list<array{Chart, Box}> $row charts and their rooms
     * @param array<string, LegendSettings> $placed
     * @param array<string, Chart> $made by id
     *
     * @return array<string, Chart>
     */
    private function inLine(array $row, array $placed, array $made): array
    {
        if (count($row) < 2) {
            return $made;
        }
        $lined = $made;
        $rooms = array_column($row, 1);
        for ($try = 0; $try < self::LINED; ++$try) {
            $marks = array_map(fn (array $one): Box => $this->marks($lined[$one[0]->id]), $row);
            $top = max(array_map(static fn (Box $box): float => $box->top, $marks));
            $bottom = min(array_map(static fn (Box $box): float => $box->bottom(), $marks));
            foreach ($row as $place => [$chart]) {
                $above = $top - $marks[$place]->top;
                $below = $marks[$place]->bottom() - $bottom;
                if ($bottom - $top < self::ALIKE * $marks[$place]->height) {
                    // What would lose too much of its height stands as it is.
                    return $made;
                }
                if ($above > 1 || $below > 1) {
                    $room = $rooms[$place];
                    $rooms[$place] = new Box(
                        $room->left,
                        $room->top + max(0.0, $above),
                        $room->width,
                        max(40.0, $room->height - max(0.0, $above) - max(0.0, $below)),
                    );
                    $lined[$chart->id] = $this->chart($chart, $rooms[$place], $placed[$chart->id] ?? null);
                }
            }
        }

        return $lined;
    }

    /** What the marks of a chart lie in before it is turned. */
    private function marks(Chart $chart): Box
    {
        $timing = $this->timings[$chart->id];
        $at = new Point($chart->place->x, $chart->place->y);
        $box = $timing->form->layout($chart->form, $at, $timing->story->states[0]->moment())->extent();
        $size = $chart->place->size;

        return new Box(
            $at->x + ($box->left - $at->x) * $size,
            $at->y + ($box->top - $at->y) * $size,
            $box->width * $size,
            $box->height * $size,
        );
    }

    /**
     * A legend stands to a chart that a hand has placed or bent as it would stand to it by the rule: as far from the
     * edge that it is beside, and as far up or down; on the stage at any rate.
     */
    private function along(LegendSettings $legend, Chart $chart, Chart $made): LegendSettings
    {
        [$from, $to] = [$this->marks($made), $this->marks($chart)];
        $middle = new Point($to->middle()->x - $from->middle()->x, $to->middle()->y - $from->middle()->y);
        [$across, $down] = match (true) {
            $legend->isInside => [$middle->x, $middle->y],
            $legend->x >= $from->right() => [$to->right() - $from->right(), $middle->y],
            $legend->x + $legend->width <= $from->left => [$to->left - $from->left, $middle->y],
            $legend->y >= $from->middle()->y => [$middle->x, $to->bottom() - $from->bottom()],
            default => [$middle->x, $to->top - $from->top],
        };
        $high = (new LegendFit($this->timings[$chart->id], $this->setter))->height($legend);
        $size = $legend->style->size;
        $stage = $this->piece->stage;

        return $legend->arranged(
            round(max(0.0, min($stage->width - $legend->width, $legend->x + $across))),
            round(max($size, min($stage->height - $high + $size / 2, $legend->y + $down))),
            $legend->width,
            $size,
            isInside: $legend->isInside,
        );
    }

    /** @return list<int> how many charts can stand side by side */
    private function columns(int $count): array
    {
        return match ($this->piece->arrangement->several) {
            'row' => [$count],
            'column' => [1],
            'grid' => [(int) ceil(sqrt($count))],
            // Of many charts not every way is tried.
            default => $count <= self::TRIED ? range(1, max(1, $count)) : [(int) ceil(sqrt($count))],
        };
    }

    /** What a hand has placed, chart or legend, stays; a legend by rule goes along with its chart. */
    private function kept(Chart $chart, Chart $made): Chart
    {
        $legend = $chart->words->legend;
        if ($legend !== null && $legend->isByRule) {
            $legend = $made->words->legend;
            $legend = $legend === null || $chart->place->isByRule ? $legend : $this->along($legend, $chart, $made);
        }

        return $chart->place->isByRule
            ? $made->arranged($made->place, $made->form, $made->words->arranged(1.0, $legend))
            : $chart->arranged($chart->place, $chart->form, $chart->words->arranged(1.0, $legend));
    }

    private function chart(Chart $chart, Box $room, ?LegendSettings $placed): Chart
    {
        $legend = $chart->words->legend;
        if ($placed !== null || $legend === null) {
            [$place, $form, $words] = $this->fitted($chart, $room, $placed);

            return $chart->arranged($place, $form, $words);
        }
        $inside = $legend->isInside && $chart->words->centre === null ? $this->inside($chart, $room, $legend) : null;
        if ($inside !== null) {
            return $inside;
        }
        $best = null;
        $largest = -1.0;
        foreach (self::SIZES as $factor) {
            foreach ($this->beside($chart, $room, $legend, $factor) as [$rest, $planned]) {
                $fitted = $this->fitted($chart, $rest, $planned);
                // A larger chart is worth a smaller legend, within reason.
                $worth = $fitted[3]->width * $fitted[3]->height * ($planned->style->size / $legend->style->size);
                if ($worth > $largest + 1e-6) {
                    [$best, $largest] = [[$rest, $planned, ...$fitted], $worth];
                }
            }
        }
        \assert($best !== null);
        [$rest, $planned, $place, $form, $words, , $all] = $best;

        return $this->closed($chart, $room, $rest, $planned, [$place, $form, $words, $all]);
    }

    /** With its legend in the middle, as large as it fits there at any time; null where that is too small to read. */
    private function inside(Chart $chart, Box $room, LegendSettings $legend): ?Chart
    {
        [$place, $form, $words] = $this->fitted($chart, $room, null);
        $timing = $this->timings[$chart->id];
        $fit = new LegendFit($timing, $this->setter);
        $free = INF;
        $middle = $room->middle();
        foreach ($timing->story->states as $state) {
            $at = $timing->form->layout($form, new Point($place->x, $place->y), $state->moment())->middle();
            $free = min($free, $at->free ?? 0.0);
            $middle = $at->middle ?? $middle;
        }
        $least = self::LEAST * min($this->piece->stage->width, $this->piece->stage->height);
        for ($size = $legend->style->size * $this->size; $size >= $least; $size *= self::SMALLER) {
            $spacing = min($legend->spacing, self::CLOSE);
            $planned = $legend->arranged(0, 0, 4000, $size, 'column', $spacing);
            $wide = ceil($fit->plan($planned)->natural());
            $high = $fit->height($planned);
            if (hypot($wide, $high) / 2 <= $free - $size * self::BEFORE_MARKS) {
                $left = round($middle->x - $wide / 2);
                $top = round($middle->y - $high / 2 + $size / 2);

                return $chart->arranged(
                    $place,
                    $form,
                    $words->arranged(1.0, $legend->arranged($left, $top, $wide, $size, 'column', $spacing, true)),
                );
            }
        }

        return null;
    }

    /**
     * @return array{Place, FormSettings, ChartWords, Box, Box} the last two: what the marks lie in, and what they and
     *                                                          their words do
     */
    private function fitted(Chart $chart, Box $room, ?LegendSettings $legend): array
    {
        $short = min($this->piece->stage->width, $this->piece->stage->height) * self::FULL_SIZE;
        $factor = $this->size * max(self::SMALLEST, min(1.0, min($room->width, $room->height) / $short));
        // However small the chart, its words stay large enough to be read.
        $least = self::LEAST * min($this->piece->stage->width, $this->piece->stage->height);
        $smallest = min($chart->words->labels->style->size, $chart->words->names->style->size ?? INF);
        $factor = max($factor, min($this->size, $least / $smallest));
        $labels = 1.0;
        $try = 0;
        do {
            $words = $chart->words->arranged($factor, $legend, $labels);
            [$place, $form, $extent, $all] = (new ChartRoom($chart, $this->timings[$chart->id], $this->setter))
                ->fit($room, $words);
            [$namesFit, $labelsFit] = $this->fits($chart, $form, $place, $words);
            $factor *= max(self::LEAST_FIT, min(1.0, $namesFit));
            $labels *= max(self::LEAST_FIT, min(1.0, $labelsFit / min(1.0, $namesFit)));
            ++$try;
        } while (min($namesFit, $labelsFit) < 1.0 && $try <= self::TRIES);

        return [$place, $form, $words, $extent, $all];
    }

    /**
     * How much of their size names and labels can have. What stands one below the other is no higher than marks are
     * apart; and what stands at the ends of rings, whichever way those point, no wider.
     *
     * @return array{float, float} 1 and more: all of it
     */
    private function fits(Chart $chart, FormSettings $form, Place $place, ChartWords $words): array
    {
        $timing = $this->timings[$chart->id];
        $layout = $timing->form->layout(
            $form,
            new Point($place->x, $place->y),
            $timing->story->states[0]->moment(),
        );
        $pitch = $layout->pitch();
        $style = $words->labels->style;
        $widest = 1.0;
        $sizes = new WordSizes($chart->arranged($place, $form, $words), $timing, $this->setter);
        foreach ($words->labels->show === 'beside' ? $timing->figures()->list : [] as $figure) {
            $widest = max($widest, $sizes->reading($figure->id, $style));
        }
        if ($pitch === null) {
            // Side by side labels have the room that names below them have.
            $first = $layout->order()[0] ?? null;
            $room = $first === null || $timing->figures()->seriesCount() > 1
                ? null
                : $layout->shape($first, Presence::full(), 0.0)->foot(0.0, 0.0)?->room;

            return [1.0, $room === null ? 1.0 : $room / $widest];
        }
        $high = $words->labels->show === 'none' ? 1.0 : $style->size;
        $high = $layout->axes() === null ? max($high, $widest) : $high;

        return [
            $pitch * self::OF_PITCH / max(1.0, $words->names->style->size ?? 1.0),
            $pitch * self::OF_PITCH / $high,
        ];
    }

    /**
     * Where a legend can stand to its chart: at its side, or below it.
     *
     * @return list<array{Box, LegendSettings}> the room that is left for the chart, and the legend in its place
     */
    private function beside(Chart $chart, Box $room, LegendSettings $legend, float $factor = 1.0): array
    {
        $fit = new LegendFit($this->timings[$chart->id], $this->setter);
        $entries = count(LegendPlan::entries($this->timings[$chart->id]));
        $size = $legend->style->size * $this->size * $factor;
        $ways = [];
        $natural = $fit->plan($legend->arranged(0, 0, $room->width, $size, 'column'))->natural();
        if ($natural <= $room->width * self::LEGEND && $entries <= self::COLUMN) {
            $width = ceil(min($room->width * self::LEGEND, max($natural * self::LOOSE, $natural)));
            $planned = $fit->within($legend, $width, $room->height, $size, 'column');
            $top = $room->top + ($room->height - $fit->height($planned)) / 2 + $planned->style->size / 2;
            $gap = $room->width * self::AWAY;
            $ways[] = [
                new Box($room->left, $room->top, $room->width - $width - $gap, $room->height),
                $planned->arranged(round($room->right() - $width), round($top), $width, $planned->style->size),
            ];
        }
        $isTall = $room->width <= $room->height / self::TALL && $entries <= self::COLUMN;
        $width = $isTall ? min($room->width, $legend->width * $this->size * self::LOOSE) : $room->width;
        $planned = $fit->within(
            $legend,
            $width,
            $room->height * self::LEGEND,
            $size,
            $isTall ? 'column' : 'rows',
        );
        $plan = $fit->plan($planned);
        $gap = $planned->style->size * self::BELOW;
        $ways[] = [
            new Box($room->left, $room->top, $room->width, max(40.0, $room->height - $plan->height() - $gap)),
            $planned->arranged(
                round($room->left + ($room->width - $plan->breadth()) / 2),
                round($room->bottom() - $plan->height() + $planned->style->size / 2),
                $width,
                $planned->style->size,
            ),
        ];

        return $ways;
    }

    /**
     * Chart and legend beside each other in the middle of their room, however little of it the chart fills.
     *
     * @param array{Place, FormSettings, ChartWords, Box} $fitted
     */
    private function closed(Chart $chart, Box $room, Box $rest, LegendSettings $legend, array $fitted): Chart
    {
        [$place, $form, $words, $all] = $fitted;
        $isBelow = $rest->width === $room->width;
        $spare = $isBelow ? $rest->height - $all->height : $rest->width - $all->width;
        // The chart stands in the middle of what was left for it: half of the spare room is between the two.
        $shift = max(0.0, $spare) / 2;
        $legend = $legend->arranged(
            round($legend->x - ($isBelow ? 0.0 : $shift)),
            round($legend->y - ($isBelow ? $shift : 0.0)),
            $legend->width,
            $legend->style->size,
        );

        return $chart->arranged($place, $form, $words->arranged(1.0, $legend));
    }

    /** @return list<Box> */
    private function rooms(Box $room, int $count, int $columns): array
    {
        $gap = round(self::BETWEEN * min($this->piece->stage->width, $this->piece->stage->height));
        $rows = (int) ceil($count / max(1, $columns));
        $rooms = [];
        for ($index = 0; $index < $count; ++$index) {
            $high = ($room->height - ($rows - 1) * $gap) / $rows;
            $row = intdiv($index, $columns);
            // The last row shares its width among fewer.
            $inRow = min($columns, $count - $row * $columns);
            $wide = ($room->width - ($columns - 1) * $gap) / $columns;
            $left = $room->left + ($room->width - $inRow * $wide - ($inRow - 1) * $gap) / 2;
            $rooms[] = new Box(
                $left + ($index % $columns) * ($wide + $gap),
                $room->top + $row * ($high + $gap),
                max(40.0, $wide),
                max(40.0, $high),
            );
        }

        return $rooms;
    }
}
