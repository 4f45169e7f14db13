<?php

declare(strict_types=1);

namespace Lupine\Core\Motion;

/** A number over time: what it is at first, and what moves make of it, one after another. */
final readonly class KeyedNumber implements Changing
{
    /**
     * @param list<array{move: TimedMove, from: float, to: float}> $steps by their beginnings
     * @param list<Changing> $emphases what changes it besides
     * @param (\Closure(float $value, int $frame): float)|null $emphasised what they make of it
     */
    private function __construct(
        private float $first,
        private array $steps,
        private array $emphases = [],
        private ?\Closure $emphasised = null,
        private bool $mayPass = false,
        private float $least = -INF,
    ) {
    }

    /**
     * Each move begins from what the number is on its first frame, where it does not say from what.
     *
     * @param list<array{TimedMove, float, float|null}> $changes moves with what they lead to and begin from, by their
     *                                                           beginnings
     * @param bool $mayPass whether a curve may lead it past its end on the way, as a settle does; else only a move that
     *                      was asked to does
     * @param float $least what it never falls below
     */
    public static function of(float $first, array $changes, bool $mayPass = false, float $least = -INF): self
    {
        $steps = [];
        foreach ($changes as [$move, $to, $from]) {
            $reached = $from ?? self::reached($first, $steps, $move->begin, $mayPass, $least);
            $steps[] = ['move' => $move, 'from' => $reached, 'to' => $to];
        }

        return new self($first, $steps, mayPass: $mayPass, least: $least);
    }

    /**
     * The same number with what emphases, or other numbers, make of it.
     *
     * @param list<Changing> $emphases
     * @param \Closure(float $value, int $frame): float $emphasised
     */
    public function also(array $emphases, \Closure $emphasised): self
    {
        $before = $this->emphasised;

        return new self(
            $this->first,
            $this->steps,
            [...$this->emphases, ...$emphases],
            $before === null
                ? $emphasised
                : static fn (float $value, int $frame): float => $emphasised($before($value, $frame), $frame),
            $this->mayPass,
            $this->least,
        );
    }

    public function at(int $frame): float
    {
        $value = self::reached($this->first, $this->steps, $frame, $this->mayPass, $this->least);

        return $this->emphasised === null ? $value : ($this->emphasised)($value, $frame);
    }

    /**
     * What it is on one frame after the other, emphases aside.
     *
     * @param int $step moments of one frame
     * @param array<int, array<int, float>> $far how far moves have come, by their object's number and by moment: of use
     *                                           to another number that the same moves lead
     *
     * @return array<int, float> by the frames' own moments
     */
    public function onFrames(int $from, int $to, int $step, array &$far): array
    {
        $values = [];
        $next = 0;
        $value = $this->first;
        $arrives = -1;
        for ($frame = $from; $frame <= $to; $frame += $step) {
            $isBegun = false;
            while (isset($this->steps[$next]) && $this->steps[$next]['move']->begin <= $frame) {
                ++$next;
                $isBegun = true;
            }
            if ($next > 0 && ($isBegun || $frame < $arrives + $step)) {
                ['move' => $move, 'from' => $first, 'to' => $last] = $this->steps[$next - 1];
                $arrives = $move->end();
                $known = &$far[spl_object_id($move)][$frame];
                $known ??= $this->mayPass ? $move->progressAt($frame) : $move->amountAt($frame);
                $value = self::led($first, $last, $known, $this->least);
                unset($known);
            }
            $values[$frame] = $value;
        }

        return $values;
    }

    /**
     * What the last step that has begun makes of it.
     *
     * @param list<array{move: TimedMove, from: float, to: float}> $steps by their beginnings
     */
    private static function reached(
        float $first,
        array $steps,
        int $frame,
        bool $mayPass,
        float $least,
    ): float {
        [$low, $high] = [0, count($steps)];
        while ($low < $high) {
            $middle = ($low + $high) >> 1;
            if ($steps[$middle]['move']->begin <= $frame) {
                $low = $middle + 1;
            } else {
                $high = $middle;
            }
        }
        if ($low === 0) {
            return $first;
        }
        $step = $steps[$low - 1];
        $amount = $mayPass ? $step['move']->progressAt($frame) : $step['move']->amountAt($frame);

        return self::led($step['from'], $step['to'], $amount, $least);
    }

    /** Exactly what it leads to, not what adding up makes of it. */
    private static function led(float $from, float $to, float $amount, float $least): float
    {
        return $amount === 1.0 ? $to : max($least, $from + ($to - $from) * $amount);
    }

    /** The largest that moves lead it to. */
    public function most(): float
    {
        return max([$this->first, ...array_column($this->steps, 'to')]);
    }

    /** Whether moves of its own change it, and not only what is done besides. */
    public function hasMoves(): bool
    {
        return $this->steps !== [];
    }

    public function isStill(): bool
    {
        return $this->steps === [] && $this->emphases === [];
    }

    /** @return Track<float> on the frames of a range */
    public function track(FrameRange $range): Track
    {
        if ($this->isStill()) {
            return Track::constant($this->first);
        }

        return Track::of([$range->from, ...$this->changes($range)], $this->at(...));
    }

    public function changes(FrameRange $range): array
    {
        $changes = [];
        foreach ($this->steps as $step) {
            array_push($changes, ...$step['move']->changes($range));
        }
        foreach ($this->emphases as $emphasis) {
            array_push($changes, ...$emphasis->changes($range));
        }

        return $changes;
    }
}
