<?php

declare(strict_types=1);

namespace Lupine\Core\Motion;

use Lupine\Core\Figures\PointInTime;
use Lupine\Core\Piece\Column;
use Lupine\Core\Piece\RunSettings;
use Lupine\Core\Script\Beats;

/** When a chart that runs stands at each moment of its table. */
final readonly class Run
{
    private function __construct(
        /** @var non-empty-list<Column> in their order */
        public array $columns,
        /** @var non-empty-list<int> when each of them is reached, in the moments of its clock, rising */
        public array $frames,
        /** straight, eased or hold */
        public string $between,
        /** how long figures take to change places, in frames */
        public int $places,
        private Clock $clock,
    ) {
    }

    /**
     * Moments that are pinned stand on their beats; those between two of them are spread evenly in time.
     *
     * @param non-empty-list<Column> $columns
     */
    public static function of(RunSettings $settings, array $columns, Beats $beats, Clock $clock = new Clock()): self
    {
        $last = count($columns) - 1;
        $at = self::times($columns);
        $known = [0 => $settings->begin, $last => $settings->begin + $settings->frames];
        foreach ($columns as $index => $column) {
            $pinned = $settings->pins[$column->id] ?? null;
            if ($pinned !== null) {
                $known[$index] = ($pinned->pin === null ? null : $beats->frameOf($pinned->pin)) ?? $pinned->frame;
            }
        }
        ksort($known);
        $frames = [];
        $before = 0;
        foreach ($columns as $index => $column) {
            if (isset($known[$index])) {
                $frames[] = $known[$index];
                $before = $index;
                continue;
            }
            $next = $last;
            foreach (array_keys($known) as $one) {
                if ($one > $index) {
                    $next = $one;
                    break;
                }
            }
            $part = ($at[$index] - $at[$before]) / ($at[$next] - $at[$before]);
            $frames[] = (int) round($known[$before] + ($known[$next] - $known[$before]) * $part);
        }
        // Each moment after the one before it, whatever pins say.
        foreach ($frames as $index => $frame) {
            $frames[$index] = $index === 0 ? max(0, $frame) : max($frames[$index - 1] + 1, $frame);
        }

        return new self(
            $columns,
            array_map($clock->of(...), $frames),
            $settings->between,
            $settings->places,
            $clock,
        );
    }

    /** @return list<array{TimedMove, string}> the way to each moment but the first, and the id of its column */
    public function moves(): array
    {
        $moves = [];
        $curve = Bezier::named($this->between === 'eased' ? 'ease-in-out' : 'linear');
        foreach ($this->columns as $index => $column) {
            if ($index === 0) {
                continue;
            }
            [$from, $to] = [$this->frames[$index - 1], $this->frames[$index]];
            // What is held until then is there at once.
            [$begin, $pace] = $this->between === 'hold'
                ? [$to - $this->clock->count(1), new Pace(StepCurve::of(1, 'jump-end'), 1)]
                : [$from, new Pace($curve, $this->clock->frameOf($to) - $this->clock->frameOf($from))];
            $moves[] = [
                new TimedMove('change', $begin, $pace, 'forward', null, null, clock: $this->clock),
                $column->id,
            ];
        }

        return $moves;
    }

    public function end(): int
    {
        return $this->frames[count($this->frames) - 1];
    }

    public function clock(): Clock
    {
        return $this->clock;
    }

    /**
     * Where the moments are in time; where that is not known for all of them, they are as far from each other.
     *
     * @param non-empty-list<Column> $columns
     *
     * @return non-empty-list<float> rising
     */
    private static function times(array $columns): array
    {
        $points = PointInTime::all(array_map(static fn (Column $column): string => $column->name, $columns));
        $times = $points === null
            ? []
            : array_map(static fn (PointInTime $point): float => (float) $point->days(), $points);
        for ($index = 1; $index < count($times); ++$index) {
            if ($times[$index] <= $times[$index - 1]) {
                $times = [];
                break;
            }
        }

        return $times !== [] ? $times : array_map(floatval(...), array_keys($columns));
    }
}
