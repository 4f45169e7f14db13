<?php

declare(strict_types=1);

namespace Lupine\Core\Story;

use Lupine\Core\Figures\Figure;
use Lupine\Core\Figures\Figures;
use Lupine\Core\Figures\Pick;
use Lupine\Core\Figures\Scale;
use Lupine\Core\Form\Moment;
use Lupine\Core\Form\Standing;
use Lupine\Core\Motion\FrameRange;
use Lupine\Core\Motion\KeyedNumber;
use Lupine\Core\Motion\PlaceChanges;
use Lupine\Core\Motion\Run;
use Lupine\Core\Motion\TimedMove;
use Lupine\Core\Motion\Track;

/** The figures of a chart from state to state: values, whole, places and scale on any frame. */
final class FiguresOverTime
{
    /** @var array<string, KeyedNumber> */
    private array $values = [];

    /** @var array<string, KeyedNumber> */
    private array $places = [];

    /** @var array<int, true> frames on which figures that run change places */
    private array $rearranging = [];

    /** the run whose changes of places are still to be found */
    private ?Run $open = null;

    /** whether places follow the figures as they run, and not only what each state says */
    private bool $placesRun = false;

    /** @var list<int> the frame from which on all changes up to a state have come to their ends, by state */
    private array $ends = [];

    /** @var array<int, int> by frame */
    private array $indices = [];

    /** @var array<int, int|null> by frame */
    private array $settledAt = [];

    private readonly Fractions $fractions;

    private KeyedNumber $whole;

    /** the number of the state that the figures stand in; between two numbers while they change */
    private readonly KeyedNumber $state;

    private bool $wholeIsSum = true;

    private bool $hasRest = false;

    /** @var array<int, Moment> by frame, while figures change */
    private array $moving = [];

    /** @var array<int, Moment> by state */
    private array $settled = [];

    /** @var array<int, array<string, Standing>> by frame or, below zero, by state; then by figure id */
    private array $standings = [];

    /** @var array<int, float> by frame */
    private array $wholes = [];

    /**
     * @param non-empty-list<ChartState> $states by the beginnings of the moves that lead to them
     * @param bool $hasRoom whether figures can pass those that they change to, where a change was asked to
     */
    public function __construct(
        public readonly array $states,
        ?Run $run = null,
        bool $hasRoom = false,
        public readonly string $tableName = '',
    ) {
        $this->fractions = $states[0]->fractions;
        foreach ($states as $state) {
            $this->wholeIsSum = $this->wholeIsSum && !$state->figures->hasGivenWhole;
        }
        foreach ($states[0]->figures->list as $figure) {
            $this->hasRest = $this->hasRest || $figure->isRest;
        }
        $this->whole = $this->keyed(static fn (ChartState $state): float => $state->figures->whole->toFloat());
        $number = -1;
        $this->state = $this->keyed(static function () use (&$number): float {
            return (float) ++$number;
        });
        if (count($states) === 1) {
            return;
        }
        foreach ($states[0]->figures->list as $figure) {
            $id = $figure->id;
            $value = static fn (ChartState $state): float => $state->figures->byId($id)->value();
            // What is never below zero does not fall below it on its way either.
            $least = min(array_map($value, $states)) < 0 ? -INF : 0.0;
            $this->values[$id] = $this->keyed($value, $hasRoom && $this->wholeIsSum && !$this->hasRest, $least);
            $this->places[$id] = $this->keyed(static fn (ChartState $state): float => (float) $state->places[$id]);
        }
        if ($run !== null && $states[0]->order !== 'sheet' && $states[0]->figures->seriesCount() < 2) {
            $this->placesRun = true;
            $this->open = $run;
        }
    }

    /** Finds out how figures that run change places: once, and only where it is asked for. */
    private function follow(): void
    {
        $run = $this->open;
        if ($run === null) {
            return;
        }
        $this->open = null;
        [$places, $spans] = PlaceChanges::of(
            array_diff_key($this->values, [Pick::OTHERS => true]),
            $this->states[0]->order === 'descending',
            $run->frames[0],
            $run->end(),
            $run->places,
            $run->clock(),
        );
        $this->places = [...$this->places, ...$places];
        foreach ($spans as [$from, $to]) {
            $this->rearranging += array_fill_keys(range($from, $to), true);
        }
    }

    public function first(): ChartState
    {
        return $this->states[0];
    }

    public function momentAt(int $frame): Moment
    {
        $state = $this->settledAt($frame);
        if ($state !== null && !$this->placesRun) {
            return $this->settled[$state] ??= $this->states[$state]->moment();
        }

        return $this->moving[$frame] ??= $this->moving($frame);
    }

    /**
     * What belongs to each state, mixed as the figures are on a frame.
     *
     * @param \Closure(int $state): float $of
     */
    public function between(int $frame, \Closure $of): float
    {
        $at = $this->state->at($frame);
        $before = (int) floor($at);
        $far = $at - $before;

        return $far <= 0.0 ? $of($before) : $of($before) * (1 - $far) + $of($before + 1) * $far;
    }

    /** The name of the column that is shown on a frame; amid a change a year counts, another name is the nearer one. */
    public function columnNameAt(int $frame): string
    {
        $at = $this->state->at($frame);
        $before = (int) floor($at);
        $far = $at - $before;
        $name = $this->states[$before]->columnName;
        $next = $far > 0.0 ? $this->states[$before + 1]->columnName : $name;
        $isCounted = preg_match('/^\d{1,9}$/', $name) === 1 && preg_match('/^\d{1,9}$/', $next) === 1;

        return match (true) {
            $isCounted => (string) (int) round((int) $name + ((int) $next - (int) $name) * $far),
            default => $far < 0.5 ? $name : $next,
        };
    }

    public function fractionAt(string $figureId, int $frame): float
    {
        $isPart = $this->wholeIsSum && !$this->hasRest && !$this->fractions->isOnScale();
        if ($isPart && $this->settledAt($frame) === null) {
            // One part of what all are together: how the others stand is not asked for.
            return $this->values[$figureId]->at($frame) / $this->wholeAt($frame);
        }

        return $this->standingAt($figureId, $frame)->fraction;
    }

    /** How far a figure is shown on a frame: 0 where others are picked and it stands after them. */
    public function shownPart(string $figureId, int $frame): float
    {
        return max(0.0, min(1.0, $this->states[0]->room - $this->placeOf($figureId, $frame)));
    }

    /** The place of a figure over time; null where all are always shown. */
    public function placeOfPicked(string $figureId): ?KeyedNumber
    {
        if ($this->states[0]->room >= count($this->states[0]->figures->list)) {
            return null;
        }
        $this->follow();

        return $this->places[$figureId];
    }

    /**
     * How much of a figure's words is seen while figures pass each other: of two that are nearer than that, those of
     * the smaller one step back.
     *
     * @param array<string, mixed> $there those that have come, by figure id
     * @param float $near in places, at which nothing of them is left
     * @param float $apart at which all of them is seen
     */
    public function clearAt(string $figureId, array $there, int $frame, float $near, float $apart): float
    {
        if (!$this->isRearrangingAt($frame)) {
            return 1.0;
        }
        $own = $this->standingAt($figureId, $frame);
        $clear = 1.0;
        foreach ($this->momentAt($frame)->standings as $other) {
            $isSmaller = [abs($own->value), $figureId] < [abs($other->value), $other->figureId];
            $isOther = $other->figureId !== $figureId && $other->rowId !== $own->rowId;
            if ($isSmaller && $isOther && isset($there[$other->figureId])) {
                $far = abs($own->place - $other->place);
                $clear = min($clear, max(0.0, ($far - $near) / ($apart - $near)));
            }
        }

        return round($clear, 4);
    }

    /** How one figure stands on a frame. */
    public function standingAt(string $figureId, int $frame): Standing
    {
        $state = $this->placesRun ? null : $this->settledAt($frame);
        $key = $state === null ? $frame : -1 - $state;
        $this->standings[$key] ??= array_column($this->momentAt($frame)->standings, null, 'figureId');

        return $this->standings[$key][$figureId];
    }

    public function readingAt(string $figureId, int $frame, float $amount): string
    {
        $state = $this->settledAt($frame);
        if ($state !== null) {
            return $this->states[$state]->readings->of($figureId)->at($amount);
        }
        $index = $this->stateIndexAt($frame);
        $reading = $this->states[$index]->readings->of($figureId);

        return $reading->between(
            $this->states[$index - 1]->readings->of($figureId),
            $this->numberAt($figureId, $frame) * $amount,
        );
    }

    /** What a reading says of a mark that has come as far as a fraction of the scale. */
    public function readingOf(string $figureId, int $frame, float $tip): string
    {
        $index = $this->stateIndexAt($frame);
        $reading = $this->states[$index]->readings->of($figureId);
        $before = $this->states[$this->settledAt($frame) === null ? $index - 1 : $index]->readings->of($figureId);

        return $reading->between($before, $this->numberOf($figureId, $frame, $tip));
    }

    /** The number that a fraction of the scale stands for: a value, or a share in percent. */
    public function numberOf(string $figureId, int $frame, float $fraction): float
    {
        $reading = $this->states[$this->stateIndexAt($frame)]->readings->of($figureId);
        $own = $this->fractionAt($figureId, $frame);
        $full = $this->numberAt($figureId, $frame);
        if (abs($own) > 1e-12) {
            return $full * $fraction / $own;
        }
        $value = $fraction * $this->momentAt($frame)->scale->length();

        return $reading->isOfShare() ? 100 * $value / $this->wholeAt($frame) : $value;
    }

    /** What a reading counts on a frame, where all of its figure is there: the value, or the share in percent. */
    public function numberAt(string $figureId, int $frame): float
    {
        $reading = $this->states[$this->stateIndexAt($frame)]->readings->of($figureId);
        if ($this->settledAt($frame) !== null) {
            return $reading->full();
        }

        return $reading->isOfShare()
            ? 100 * $this->shareAt($figureId, $frame)
            : $this->standingAt($figureId, $frame)->value;
    }

    /** What a figure is of the whole on a frame, where all of it is there; below zero where it is. */
    public function shareAt(string $figureId, int $frame): float
    {
        $state = $this->settledAt($frame);
        if ($state !== null) {
            return $this->states[$state]->figures->byId($figureId)->share();
        }
        $standing = $this->standingAt($figureId, $frame);

        return $this->fractions->isOnScale() ? $standing->value / $this->wholeAt($frame) : $standing->fraction;
    }

    /** @return array<string, float> by figure id */
    public function valuesAt(int $frame): array
    {
        $values = [];
        foreach ($this->momentAt($frame)->standings as $standing) {
            $values[$standing->figureId] = $standing->value;
        }

        return $values;
    }

    /** @return list<int> the frames of a range on which figures change */
    public function changes(FrameRange $range): array
    {
        $changes = [];
        foreach (array_slice($this->states, 1) as $state) {
            array_push($changes, ...($state->move?->changes($range) ?? []));
        }
        $this->follow();
        foreach (array_keys($this->rearranging) as $frame) {
            if ($frame >= $range->from && $frame <= $range->to) {
                $changes[] = $frame;
            }
        }

        return array_values(array_unique($changes));
    }

    /** @return list<int> first and last frames of all changes */
    public function keys(): array
    {
        $keys = [];
        foreach (array_slice($this->states, 1) as $state) {
            array_push($keys, (int) $state->move?->begin, (int) $state->move?->end());
        }

        return $keys;
    }

    /** @param \Closure(ChartState): float $of */
    private function keyed(\Closure $of, bool $mayPass = false, float $least = -INF): KeyedNumber
    {
        $steps = [];
        $last = $first = $of($this->states[0]);
        foreach (array_slice($this->states, 1) as $state) {
            $to = $of($state);
            if ($to !== $last) {
                \assert($state->move instanceof TimedMove);
                $steps[] = [$mayPass ? $state->move : $state->move->within(1.0), $to, null];
                $last = $to;
            }
        }

        return KeyedNumber::of($first, $steps, least: $least);
    }

    /** Whether figures are changing places on a frame. */
    public function isRearrangingAt(int $frame): bool
    {
        $this->follow();
        foreach (array_keys($this->places) as $id) {
            $now = $this->placeOf((string) $id, $frame);
            if ($now !== round($now)) {
                return true;
            }
        }

        return isset($this->rearranging[$frame]);
    }

    /** The state that stands still on a frame, or null while figures change. */
    public function settledAt(int $frame): ?int
    {
        if (!array_key_exists($frame, $this->settledAt)) {
            $this->settledAt[$frame] = $this->settled($frame);
        }

        return $this->settledAt[$frame];
    }

    private function settled(int $frame): ?int
    {
        if ($this->ends === []) {
            $last = 0;
            foreach ($this->states as $state) {
                $this->ends[] = $last = max($last, (int) $state->move?->end());
            }
        }
        $index = $this->stateIndexAt($frame);
        if ($index > 0 && $frame < $this->ends[$index]) {
            return null;
        }
        $this->follow();

        return $index > 0 && isset($this->rearranging[$frame]) ? null : $index;
    }

    public function stateIndexAt(int $frame): int
    {
        if (isset($this->indices[$frame])) {
            return $this->indices[$frame];
        }
        [$low, $high] = [0, count($this->states) - 1];
        while ($low < $high) {
            $middle = ($low + $high + 1) >> 1;
            if ($frame >= (int) $this->states[$middle]->move?->begin) {
                $low = $middle;
            } else {
                $high = $middle - 1;
            }
        }
        $index = $low;

        return $this->indices[$frame] = $index;
    }

    private function placeOf(string $figureId, int $frame): float
    {
        $this->follow();
        $place = $this->places[$figureId]->at($frame);
        $room = $this->states[0]->room;
        if (!$this->placesRun || $figureId === Pick::OTHERS) {
            return min($place, $room);
        }
        // Those that are not among the picked go on to stand after the others.
        $last = $room - (isset($this->values[Pick::OTHERS]) ? 2 : 1);

        return $place <= $last ? $place : min((float) $room, $last + ($place - $last) * ($room - $last));
    }

    private function wholeAt(int $frame): float
    {
        if (!$this->wholeIsSum) {
            return $this->whole->at($frame);
        }

        return $this->wholes[$frame] ??= max(1e-300, array_sum(array_map(abs(...), array_map(
            static fn (KeyedNumber $value): float => $value->at($frame),
            $this->values,
        ))));
    }

    private function moving(int $frame): Moment
    {
        $scale = $this->scaleAt($frame);
        $values = array_map(static fn (KeyedNumber $value): float => $value->at($frame), $this->values);
        $whole = $this->wholeAt($frame);
        $figures = $this->states[0]->figures->list;
        if (!$this->fractions->isOnScale()) {
            $values = self::withRest($figures, $values, $whole);
            $whole = max($whole, array_sum($values));
        }
        $fractions = $this->fractions->of($figures, $values, $whole, $scale);
        $standings = [];
        foreach ($figures as $figure) {
            $standings[] = new Standing(
                $figure->id,
                $values[$figure->id],
                $fractions[$figure->id],
                $this->placeOf($figure->id, $frame),
                $figure->isRest,
                $figure->rowId,
                $figure->series,
                $figure->isGap,
            );
        }

        return new Moment($standings, $scale, $this->states[0]->room);
    }

    private function scaleAt(int $frame): Scale
    {
        // What the last change that has come to its end has left, and then those that are under way.
        $index = $this->stateIndexAt($frame);
        $from = $index;
        while ($from > 0 && $frame < (int) $this->states[$from]->move?->end()) {
            --$from;
        }
        $scale = ($this->states[$from] ?? $this->states[0])->scale;
        for ($state = $from + 1; $state <= $index; ++$state) {
            $move = $this->states[$state]->move;
            $amount = $move === null ? 1.0 : min(1.0, max(0.0, $move->progressAt($frame)));
            $scale = Scale::between($scale, $this->states[$state]->scale, $amount);
        }

        return $scale;
    }

    /**
     * @param list<Figure> $figures
     * @param array<string, float> $values
     *
     * @return array<string, float> with what the others leave of the whole
     */
    private static function withRest(array $figures, array $values, float $whole): array
    {
        foreach ($figures as $figure) {
            if ($figure->isRest) {
                $values[$figure->id] = max(0.0, $whole - (array_sum($values) - $values[$figure->id]));
            }
        }

        return $values;
    }

    /** @return list<Figures> the figures on a frame: as they stand, or to which and from which they change */
    public function shownFigures(int $frame): array
    {
        $index = $this->stateIndexAt($frame);
        $states = $this->isSettledAt($frame) ? [$index] : [$index, $index - 1];

        return array_map(fn (int $state): Figures => $this->states[max(0, $state)]->figures, $states);
    }

    /** @return Track<float> the maximum of the scale on the frames of a range */
    public function scales(FrameRange $range): Track
    {
        $maximum = fn (int $frame): float => $this->momentAt($frame)->scale->most;

        return Track::of([$range->from, ...$this->changes($range)], $maximum);
    }

    /** Digits after the point of a reading on a frame. */
    public function decimalsAt(string $figureId, int $frame): int
    {
        $index = $this->stateIndexAt($frame);
        $decimals = $this->states[$index]->readings->of($figureId)->decimals();

        return $this->isSettledAt($frame)
            ? $decimals
            : max($decimals, $this->states[$index - 1]->readings->of($figureId)->decimals());
    }

    /** Whether no figure is changing on a frame. */
    public function isSettledAt(int $frame): bool
    {
        return $this->settledAt($frame) !== null;
    }

    /** Where a figure stands in the order, from 0; between whole numbers while it changes places. */
    public function placeAt(string $figureId, int $frame): float
    {
        return $this->standingAt($figureId, $frame)->place;
    }
}
