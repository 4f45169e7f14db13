<?php

declare(strict_types=1);

namespace Lupine\Core\Lettering;

use Lupine\Core\Figures\Figure;
use Lupine\Core\Piece\LegendSettings;
use Lupine\Core\Piece\TextStyle;
use Lupine\Core\Story\ChartTiming;
use Lupine\Core\Words\TextSetter;

/**
 * Where the entries of a legend stand: one below the other with their readings in a column, or side by side in as many
 * rows as they need.
 */
final readonly class LegendPlan
{
    /** the radius of a dot, and the room after it, as fractions of the size */
    private const DOT = 0.42;
    private const AFTER_DOT = 0.42;

    /** the least room between a label and its reading, and between two entries of a row */
    private const BEFORE_READING = 0.5;
    private const BETWEEN = 1.4;

    /** how small labels may become where they are too long for a column */
    private const SMALLEST = 0.66;

    public TextStyle $style;

    /** pixels that a label may be wide */
    public float $labelRoom;

    /**
     * @param array<string, float> $labels width of each entry's label in pixels, by figure id
     * @param float $reading the widest that a reading becomes
     */
    private function __construct(
        private LegendSettings $legend,
        private array $labels,
        private float $reading,
        private bool $hasReadings,
    ) {
        $size = $legend->style->size;
        $readings = !$this->hasReadings ? 0.0 : $reading + $size * self::BEFORE_READING;
        // In rows an entry is no wider than it has to be.
        $widest = max(1.0, ...array_values($labels));
        $wide = $legend->flow === 'column' ? $legend->width : min($legend->width, $this->natural());
        $room = max(20.0, $wide - $this->labelShift() - $readings);
        $this->style = $legend->style->withSize($size * max(self::SMALLEST, min(1.0, $room / $widest)));
        $this->labelRoom = $room;
    }

    public static function of(LegendSettings $legend, ChartTiming $timing, TextSetter $setter): self
    {
        $hasReadings = self::hasReadings($legend, $timing);
        [$labels, $reading] = $setter->measured(
            $timing,
            'legend '.(int) $hasReadings,
            $legend->style,
            static fn (): array => self::measured($legend, $timing, $setter),
        );
        $scale = $setter->scale($legend->style);

        return new self(
            $legend,
            array_map(static fn (float $width): float => $width * $scale, $labels),
            $reading * $scale,
            $hasReadings,
        );
    }

    /** @return array{array<string, float>, float} of labels by figure id, and of the widest reading; font units */
    private static function measured(LegendSettings $legend, ChartTiming $timing, TextSetter $setter): array
    {
        $isOfSeries = $timing->figures()->seriesCount() > 1;
        $states = self::hasReadings($legend, $timing) ? $timing->story->states : [];
        $labels = [];
        $reading = 0.0;
        foreach (self::entries($timing) as $figure) {
            $labels[$figure->id] = $setter->run(self::label($figure, $isOfSeries), $legend->style)->width;
            foreach ($states as $state) {
                $text = $state->readings->of($figure->id)->at(1.0);
                $reading = max($reading, $setter->run($text, $legend->style, true)->width);
            }
        }

        return [$labels, $reading];
    }

    /** Series have no single number; and where marks say theirs, a legend need not say them again. */
    public static function hasReadings(LegendSettings $legend, ChartTiming $timing): bool
    {
        return $legend->values !== 'none' && $timing->figures()->seriesCount() < 2;
    }

    /** @return list<Figure> one for each entry: all of them, or of several series the first of each */
    public static function entries(ChartTiming $timing): array
    {
        if ($timing->figures()->seriesCount() < 2) {
            return $timing->figures()->list;
        }
        $entries = [];
        foreach ($timing->figures()->list as $figure) {
            $entries[$figure->series] ??= $figure;
        }
        ksort($entries);

        return array_values($entries);
    }

    public static function label(Figure $figure, bool $isOfSeries): string
    {
        return trim($isOfSeries ? $figure->seriesName : $figure->label);
    }

    /** From row to row, in pixels. */
    public function step(): float
    {
        return $this->legend->spacing * $this->legend->style->size;
    }

    public function dot(): float
    {
        return $this->legend->style->size * self::DOT;
    }

    /** From the left of an entry to its label. */
    public function labelShift(): float
    {
        return $this->legend->style->size * (2 * self::DOT + self::AFTER_DOT);
    }

    /** From the end of a label to its reading, where that stands after it. */
    public function beforeReading(): float
    {
        return $this->style->size * self::BEFORE_READING;
    }

    /**
     * Where entries begin, and the middle of their height.
     *
     * @param list<string> $order figure ids
     *
     * @return array<string, array{float, float, float}> left, middle and width in pixels, by figure id
     */
    public function places(array $order): array
    {
        if ($this->legend->flow === 'column') {
            $places = [];
            foreach ($order as $place => $id) {
                $places[$id] = [$this->legend->x, $this->legend->y + $place * $this->step(), $this->legend->width];
            }

            return $places;
        }
        $wide = $this->width();
        $columns = $this->columns();
        $places = [];
        foreach ($order as $place => $id) {
            $places[$id] = [
                $this->legend->x + ($place % $columns) * ($wide + $this->legend->style->size * self::BETWEEN),
                $this->legend->y + intdiv($place, $columns) * $this->step(),
                $wide,
            ];
        }

        return $places;
    }

    /** How high the whole legend is, in pixels. */
    public function height(): float
    {
        return self::heightOf((int) ceil(count($this->labels) / $this->columns()), $this->legend);
    }

    /** How high so many rows of a legend are, in pixels. */
    public static function heightOf(int $rows, LegendSettings $legend): float
    {
        return max(0, $rows - 1) * ($legend->spacing * $legend->style->size) + $legend->style->size;
    }

    /** How wide all of it is, in pixels. */
    public function breadth(): float
    {
        if ($this->legend->flow === 'column') {
            return $this->legend->width;
        }
        $columns = min($this->columns(), count($this->labels));

        return $columns * $this->width() + ($columns - 1) * $this->legend->style->size * self::BETWEEN;
    }

    /** How wide an entry is where nothing of it is made smaller or cut, in pixels. */
    public function natural(): float
    {
        $readings = !$this->hasReadings ? 0.0 : $this->reading + $this->legend->style->size * self::BEFORE_READING;

        return $this->labelShift() + max(1.0, ...array_values($this->labels)) + $readings;
    }

    /** Whether a label is too long even where it is as small as it may be. */
    public function isCut(): bool
    {
        $smaller = $this->style->size / $this->legend->style->size;

        return max(1.0, ...array_values($this->labels)) * $smaller > $this->labelRoom + 0.5;
    }

    /** How wide each entry of a row is. */
    private function width(): float
    {
        return min($this->natural(), $this->legend->width);
    }

    /** As many as there is room for, but no row nearly empty below full ones: five are three and two. */
    private function columns(): int
    {
        if ($this->legend->flow === 'column') {
            return 1;
        }
        $between = $this->legend->style->size * self::BETWEEN;

        $most = max(1, (int) floor(($this->legend->width + $between + 0.01) / ($this->width() + $between)));
        $count = max(1, count($this->labels));

        return (int) ceil($count / ceil($count / $most));
    }
}
