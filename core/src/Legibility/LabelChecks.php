<?php

declare(strict_types=1);

namespace Lupine\Core\Legibility;

use Lupine\Core\Geometry\Box;
use Lupine\Core\Geometry\Polyline;
use Lupine\Core\Piece\Chart;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Story\ChartTiming;

/** Labels that found no room, words that are too small, lines to labels that cross. */
final readonly class LabelChecks
{
    private const NAMED = 8;

    /**
     * @param array<string, ChartTiming> $timings by chart id
     * @param list<int> $looks frames
     */
    public function __construct(
        private Piece $piece,
        private array $timings,
        private ShownWords $words,
        private array $looks,
    ) {
    }

    /** @return list<Check> */
    public function checks(): array
    {
        $charts = array_map($this->ofChart(...), $this->piece->charts);

        return [...array_merge([], ...$charts), ...$this->leaders()];
    }

    /** @return list<Check> */
    private function ofChart(Chart $chart): array
    {
        if ($chart->words->labels->show === 'none' || $chart->isHidden) {
            return [];
        }
        $there = $this->words->labelled($chart->id);
        $missing = [];
        foreach ($this->timings[$chart->id]->figures()->list as $figure) {
            $isWanted = $chart->own($figure->id)->label?->isHidden !== true && abs($figure->value()) > 0;
            if ($isWanted && !isset($there[$figure->id])) {
                $missing[] = '“'.$figure->fullLabel().'”';
            }
        }

        return match (count($missing)) {
            0 => [Check::right('Every label has room.')],
            default => [Check::wrong(sprintf(
                '%s no room for a label. Combine small parts, label fewer parts, or enlarge the chart.',
                count($missing) === 1 ? $missing[0].' has' : self::all($missing).' have',
            ), about: About::labels($chart->id)->with(
                $chart->words->labels->text === 'reading' ? null : Mending::legend($chart->id),
            ))],
        };
    }

    /** @return list<Check> */
    private function leaders(): array
    {
        $hasAny = false;
        foreach ($this->looks as $frame) {
            $leaders = array_map(
                static fn (array $points): Polyline => new Polyline($points),
                $this->words->leaders($frame),
            );
            $hasAny = $hasAny || $leaders !== [];
            foreach ($leaders as $index => $one) {
                foreach (array_slice($leaders, $index + 1) as $other) {
                    $at = $one->crossing($other);
                    if ($at !== null) {
                        return [
                            Check::wrong('Two leader lines cross.', $frame, Box::around($at, 60, 60)),
                        ];
                    }
                }
            }
        }

        return $hasAny ? [Check::right('No leader lines cross.')] : [];
    }

    /** @param non-empty-list<string> $names */
    private static function all(array $names): string
    {
        $more = count($names) - self::NAMED;

        return $more > 0
            ? implode(', ', array_slice($names, 0, self::NAMED)).sprintf(' and %d more', $more)
            : implode(', ', array_slice($names, 0, -1)).' and '.$names[count($names) - 1];
    }
}
