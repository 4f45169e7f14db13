<?php

declare(strict_types=1);

namespace Lupine\Core\Drawing;

use Lupine\Core\Figures\Figure;
use Lupine\Core\Figures\Figures;
use Lupine\Core\Figures\ImpossibleFigures;
use Lupine\Core\Finish\MarkColours;
use Lupine\Core\Motion\FigureMoves;
use Lupine\Core\Motion\FrameRange;
use Lupine\Core\Motion\Moves;
use Lupine\Core\Motion\Presence;
use Lupine\Core\Motion\Track;
use Lupine\Core\Piece\Chart;
use Lupine\Core\Piece\Table;
use Lupine\Core\Words\ReadingText;

/** What a chart's figures are, when they come and go, and what their readings say: one driver for all of them. */
final readonly class ChartTiming
{
    /**
     * @param array<string, FigureMoves> $moves by figure id
     * @param array<string, ReadingText> $readings by figure id
     * @param array<string, string> $colours by figure id
     */
    private function __construct(
        public Figures $figures,
        public array $moves,
        public array $readings,
        public array $colours,
        public int $shareDecimals,
    ) {
    }

    /** @throws ImpossibleFigures where the chart cannot be drawn from the table */
    public static function of(Chart $chart, Table $table, Moves $moves): self
    {
        $figures = Figures::ofWhole($table, $chart->column);
        $decimals = ReadingText::shareDecimals($figures, $chart->words->reading);
        $shown = $figures->shownPercentages($decimals);
        $readings = [];
        foreach ($figures->list as $figure) {
            $readings[$figure->id] = ReadingText::ofFigure($figure, $chart->words->reading, $shown, $decimals);
        }

        return new self(
            $figures,
            $moves->ofChart($chart, $figures),
            $readings,
            MarkColours::of($chart, $table),
            $decimals,
        );
    }

    public function figure(string $id): Figure
    {
        return $this->figures->byId($id);
    }

    /** @return array<string, Track<Presence>> by figure id, on the frames of a range */
    public function presences(FrameRange $range): array
    {
        return array_map(static fn (FigureMoves $moves): Track => $moves->presence($range), $this->moves);
    }
}
