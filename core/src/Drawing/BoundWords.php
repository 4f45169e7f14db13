<?php

declare(strict_types=1);

namespace Lupine\Core\Drawing;

use Lupine\Core\Figures\Figure;
use Lupine\Core\Motion\FrameRange;
use Lupine\Core\Motion\Track;
use Lupine\Core\Piece\BoundText;
use Lupine\Core\Piece\ReadingSettings;
use Lupine\Core\Story\ChartTiming;
use Lupine\Core\Words\NumberText;
use Lupine\Core\Words\ReadingText;
use Lupine\Core\Words\TotalReading;

/** Texts with parts that follow the table, as they are on any frame: those of the moment that the chart shows. */
final readonly class BoundWords
{
    public function __construct(private ChartTiming $timing, private ReadingSettings $settings)
    {
    }

    /** @return Track<string> */
    public function track(string $text, FrameRange $range): Track
    {
        return BoundText::isBound($text)
            ? Track::of(
                [$range->from, ...$this->timing->story->changes($range)],
                fn (int $frame): string => $this->at($text, $frame),
            )
            : Track::constant($text);
    }

    public function at(string $text, int $frame): string
    {
        return BoundText::filled($text, fn (string $what, string $rowId): string => match ($what) {
            'table' => $this->timing->story->tableName,
            'column' => $this->timing->story->columnNameAt($frame),
            'total' => $this->total($frame),
            default => $this->ofRow($what, $rowId, $frame),
        });
    }

    private function total(int $frame): string
    {
        $values = array_values($this->timing->story->valuesAt($frame));
        $ones = array_fill(0, count($values), 1.0);
        $of = fn (int $state): TotalReading => TotalReading::of(
            $this->timing->story->states[$state]->figures,
            $this->settings,
            $this->settings->of === 'value' ? $this->settings->prefix : '',
            $this->settings->of === 'value' ? $this->settings->suffix : '',
        );
        $index = $this->timing->story->stateIndexAt($frame);

        return $this->timing->story->isSettledAt($frame)
            ? $of($index)->at($ones)
            : $of($index)->between($of($index - 1), $values, $ones);
    }

    private function ofRow(string $what, string $rowId, int $frame): string
    {
        $index = $this->timing->story->stateIndexAt($frame);
        $figure = $this->figure($rowId, $index);
        if ($figure === null || $what === 'name') {
            // A row that is gone, or not among those that are shown, has nothing to say.
            return $figure?->fullLabel() ?? '–';
        }
        $figures = $this->timing->story->states[$index]->figures;
        if ($what === 'share') {
            $decimals = ReadingText::shareDecimals($figures, $this->settings);
            $share = $this->timing->story->isSettledAt($frame)
                ? $figures->shownPercentages($decimals)[$figure->id]->toFloat()
                : 100 * $this->timing->story->shareAt($figure->id, $frame);

            return NumberText::of($share, $decimals, $this->settings).'%';
        }
        $settings = $this->settings->ofValue();
        $reading = ReadingText::ofFigure($figure, $settings, [], 0);
        $before = $this->figure($rowId, max(0, $index - 1));

        return $this->timing->story->isSettledAt($frame) || $before === null
            ? $reading->at(1.0)
            : $reading->between(
                ReadingText::ofFigure($before, $settings, [], 0),
                $this->timing->story->valuesAt($frame)[$figure->id],
            );
    }

    private function figure(string $rowId, int $state): ?Figure
    {
        foreach ($this->timing->story->states[$state]->figures->list as $figure) {
            if ($figure->rowId === $rowId || $figure->id === $rowId) {
                return $figure;
            }
        }

        return null;
    }
}
