<?php

declare(strict_types=1);

namespace Lupine\Core\Motion;

use Lupine\Core\Piece\ChartMotion;

/** In which order the parts of a chart come or go, and when each of them does. */
final readonly class ChartOrder
{
    private float $all;

    /**
     * @param list<int> $sequence of each place, how many come before it
     * @param list<float> $ways how long the way of each place is, in one measure; empty where they are alike
     * @param int $earlier how many parts of other charts come before all of them
     */
    public function __construct(
        public ?ChartMotion $motion,
        private array $sequence,
        private array $ways,
        private int $earlier,
    ) {
        $this->all = array_sum($ways);
    }

    /**
     * @param Pace $whole a move of the length and the curve that the order says
     * @param \Closure(int $frames): Pace $pace the same curve in another length
     *
     * @return array{int, Pace} the frame on which the part of a place begins, counted from the order's own
     */
    public function at(int $place, Pace $whole, \Closure $pace): array
    {
        $motion = $this->motion;
        if ($motion === null) {
            return [0, $whole];
        }
        if ($motion->order === 'one') {
            return $this->inOne($place, $whole);
        }
        if ($motion->order === 'length' && $this->all > 0) {
            $frames = $motion->frames * count($this->ways);
            $before = array_sum(array_slice($this->ways, 0, $place)) / $this->all;
            [$from, $to] = [$before, $before + ($this->ways[$place] ?? 0.0) / $this->all];
            [$from, $to] = [(int) round($from * $frames), (int) round($to * $frames)];

            return [$from, $pace(max(1, $to - $from))];
        }
        $step = match ($motion->order) {
            'together' => 0,
            'after' => $motion->frames + $motion->hold,
            'overlapping' => max(1, $motion->frames - $motion->overlap),
            default => $motion->frames,
        };

        return [($this->sequence[$place] + $this->earlier) * $step, $whole];
    }

    /** @return array{int, Pace} */
    private function inOne(int $place, Pace $whole): array
    {
        $way = fn (int $one): float => $this->all > 0
            ? ($this->ways[$one] ?? 0.0) / $this->all
            : 1 / count($this->sequence);
        $from = 0.0;
        foreach ($this->sequence as $other => $number) {
            $from += $number < $this->sequence[$place] ? $way($other) : 0.0;
        }
        $to = $from + $way($place);
        $first = 0;
        while ($first < $whole->frames - 1 && $whole->after($first + 1) <= $from) {
            ++$first;
        }
        $last = $first + 1;
        while ($last < $whole->frames && $whole->after($last) < $to - 1e-9) {
            ++$last;
        }
        $stretch = new Stretch($whole->curve, $first / $whole->frames, $last / $whole->frames, $from, $to);

        return [$first, new Pace($stretch, $last - $first)];
    }
}
