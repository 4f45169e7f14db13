<?php

declare(strict_types=1);

namespace Lupine\Core\Papers;

use Lupine\Core\Motion\FigureMoves;
use Lupine\Core\Motion\TimedMove;
use Lupine\Core\Piece\Change;
use Lupine\Core\Piece\Chart;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Script\Beats;
use Lupine\Core\Story\ChartTiming;

/** Where lines and words are said and where parts come, go and change, as marks for a cutting room. */
final readonly class Markers
{
    private const HEADS = ['Kind', 'Name', 'Starts', 'Ends', 'First frame', 'Frames', 'Seconds', 'Chart'];

    /**
     * @param array<string, ChartTiming> $timings by chart id
     *
     * @return Table by their beginnings; an end is the moment after the last frame
     */
    public static function of(Piece $piece, array $timings): Table
    {
        $clock = new Clockwork($piece);
        $rows = [...self::script($piece), ...self::charts($piece, $timings)];
        // Those that begin together stay in the order of script and sheet.
        usort($rows, static fn (array $one, array $other): int => $one[2] <=> $other[2]);

        return new Table(self::HEADS, array_map(static fn (array $row): array => [
            $row[0],
            $row[1],
            $clock->timecode($row[2]),
            $clock->timecode($row[2] + $row[3]),
            $row[2],
            $row[3],
            $clock->seconds($row[2]),
            $row[4],
        ], $rows));
    }

    /** @return list<array{string, string, int, int, string}> kind, name, first frame, frames and chart */
    private static function script(Piece $piece): array
    {
        $beats = new Beats($piece);
        $rows = [];
        foreach ($piece->narration->captioned() as $line) {
            $rows[] = ['line', $line->text, $line->begin, $line->end - $line->begin, ''];
            $words = $beats->words($line);
            foreach ($words as $place => $word) {
                if (!$word->isUnsaid) {
                    $next = $words[$place + 1] ?? null;
                    $end = $next === null ? $line->end : $next->frame;
                    $rows[] = ['word', $word->text, $word->frame, max(1, $end - $word->frame), ''];
                }
            }
        }

        return $rows;
    }

    /**
     * @param array<string, ChartTiming> $timings by chart id
     *
     * @return list<array{string, string, int, int, string}>
     */
    private static function charts(Piece $piece, array $timings): array
    {
        $rows = [];
        foreach ($piece->charts as $chart) {
            $timing = $timings[$chart->id];
            $name = self::named($piece, $chart);
            $labels = [];
            foreach ($timing->figures()->list as $figure) {
                $labels[$figure->id] = $figure->fullLabel();
                array_push($rows, ...self::ofPart(
                    $labels[$figure->id],
                    $timing->moves[$figure->id],
                    $timing->changesOfFigures[$figure->id] ?? [],
                    $name,
                ));
            }
            foreach ($timing->changes as [$move, $change]) {
                $rows[] = self::row('changes', $change->property, $move, $name);
            }
        }

        return $rows;
    }

    /**
     * @param list<array{TimedMove, Change}> $changes
     *
     * @return list<array{string, string, int, int, string}>
     */
    private static function ofPart(string $label, FigureMoves $moves, array $changes, string $chart): array
    {
        return [
            ...$moves->entrance === null ? [] : [self::row('comes', $label, $moves->entrance, $chart)],
            ...array_map(
                static fn (array $one): array => self::row('changes', $label.': '.$one[1]->property, $one[0], $chart),
                $changes,
            ),
            ...$moves->exit === null ? [] : [self::row('goes', $label, $moves->exit, $chart)],
        ];
    }

    /** @return array{string, string, int, int, string} */
    private static function row(string $kind, string $name, TimedMove $move, string $chart): array
    {
        return [$kind, $name, $move->begin, $move->frames(), $chart];
    }

    /** What a chart is called: its name, or its form, numbered where there are several of it. */
    public static function named(Piece $piece, Chart $chart): string
    {
        if ($chart->name !== '') {
            return $chart->name;
        }

        $alike = array_values(array_filter(
            $piece->charts,
            static fn (Chart $one): bool => $one->name === '' && $one->form->kind === $chart->form->kind,
        ));

        return $chart->form->kind.(count($alike) < 2 ? '' : ' '.((int) array_search($chart, $alike, true) + 1));
    }
}
