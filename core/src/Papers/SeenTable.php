<?php

declare(strict_types=1);

namespace Lupine\Core\Papers;

use Lupine\Core\Desk\ChartSheet;
use Lupine\Core\Desk\MoveSheet;
use Lupine\Core\Piece\Chart;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Story\ChartTiming;

/** The figures of a chart as a table to be read: what they are when all have come, and at each moment after that. */
final readonly class SeenTable
{
    /** @param array<string, ChartTiming> $timings by chart id */
    public static function of(Piece $piece, Chart $chart, array $timings): Table
    {
        $timing = $timings[$chart->id];
        $moments = [];
        foreach (self::moments($piece, $timing) as $frame) {
            $now = ChartSheet::at([$chart->id => $timing], $frame)[$chart->id] ?? [];
            $moments[$timing->story->columnNameAt($frame)] = $now;
        }
        $isOne = count($moments) === 1;
        $hasShare = $isOne && !$timing->isOnScale;
        $rows = [];
        foreach ($timing->figures()->list as $figure) {
            $values = array_map(
                static fn (array $now): string => $now[$figure->id]->value ?? '',
                array_values($moments),
            );
            $share = $hasShare ? array_values($moments)[0][$figure->id]->share : '';
            $rows[] = [$figure->fullLabel(), ...$values, ...$hasShare ? [$share] : []];
        }
        $heads = $isOne ? ['Value'] : array_map(strval(...), array_keys($moments));

        return new Table(['Figure', ...$heads, ...$hasShare ? ['Share'] : []], $rows);
    }

    /**
     * The frames on which the figures of a chart are those of one moment of its table, in their order: the first when
     * all have come, and the others as they are reached, before any goes.
     *
     * @return non-empty-list<int>
     */
    public static function moments(Piece $piece, ChartTiming $timing): array
    {
        $first = MoveSheet::finished(['' => $timing], $piece->stage->frames);
        $end = $piece->stage->frames;
        foreach ($timing->moves as $moves) {
            $end = min($end, $moves->exit->begin ?? $end);
        }
        if ($timing->run !== null) {
            $reached = array_slice($timing->run->frames, 1);
        } else {
            $reached = [$end - 1];
        }
        $values = $timing->story->valuesAt($first);
        $later = array_values(array_filter(
            $reached,
            static fn (int $frame): bool => $frame > $first && $frame < $end
                && ($timing->run !== null || $timing->story->valuesAt($frame) !== $values),
        ));

        return [$first, ...$later];
    }
}
