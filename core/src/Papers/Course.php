<?php

declare(strict_types=1);

namespace Lupine\Core\Papers;

use Lupine\Core\Desk\ChartSheet;
use Lupine\Core\Desk\MoveSheet;
use Lupine\Core\Motion\FrameRange;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Story\ChartTiming;

/** What a figure is over the frames of a film: its reading, value and share, from each frame on which one changes. */
final readonly class Course
{
    /**
     * @param list<int> $frames rising, from the first of the range on
     * @param list<array{string, string, string}> $said reading, value and share from each of them on
     */
    private function __construct(
        public string $chart,
        public string $chartName,
        public string $figure,
        public string $label,
        public array $frames,
        public array $said,
    ) {
    }

    /**
     * @param array<string, ChartTiming> $timings by chart id
     *
     * @return list<self> in the order of charts and figures; where there is too much to look at, each has what it is
     *                    when all have come
     */
    public static function all(Piece $piece, array $timings, FrameRange $range): array
    {
        $count = array_sum(array_map(
            static fn (ChartTiming $timing): int => count($timing->figures()->list),
            $timings,
        ));
        $looked = $count * $range->count() > FrameValues::MOST
            ? [MoveSheet::finished($timings, $piece->stage->frames)]
            : range($range->from, $range->to);
        $frames = $said = [];
        foreach ($looked as $place => $frame) {
            foreach (ChartSheet::at($timings, $frame) as $chart => $all) {
                foreach ($all as $figure => $its) {
                    $now = [$its->reading, $its->value, $its->share];
                    $before = $said[$chart][$figure] ?? [];
                    if ($now !== end($before)) {
                        $frames[$chart][$figure][] = $place === 0 ? $range->from : $frame;
                        $said[$chart][$figure][] = $now;
                    }
                }
            }
        }
        $courses = [];
        foreach ($piece->charts as $chart) {
            foreach ($timings[$chart->id]->figures()->list as $figure) {
                $courses[] = new self(
                    $chart->id,
                    Markers::named($piece, $chart),
                    $figure->id,
                    $figure->fullLabel(),
                    $frames[$chart->id][$figure->id] ?? [],
                    $said[$chart->id][$figure->id] ?? [],
                );
            }
        }

        return $courses;
    }
}
