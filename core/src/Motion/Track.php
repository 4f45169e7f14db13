<?php

declare(strict_types=1);

namespace Lupine\Core\Motion;

/**
 * A value that changes on certain frames only, found when it is asked for.
 *
 * @template-covariant T
 */
final class Track
{
    /** @var array<int, T> */
    private array $known = [];

    /**
     * @param non-empty-list<int> $changes rising, from 0
     * @param \Closure(int): T $valueAt
     */
    private function __construct(
        public readonly array $changes,
        private readonly \Closure $valueAt,
        /** whether it is what it is on a whole frame for as long as that is seen, whatever it is within it */
        public readonly bool $isHeld = false,
    ) {
    }

    /**
     * @template V
     *
     * @param V $value
     *
     * @return self<V>
     */
    public static function constant(mixed $value): self
    {
        return new self([0], static fn (): mixed => $value);
    }

    /**
     * @template V
     *
     * @param list<int> $changes
     * @param \Closure(int): V $valueAt
     *
     * @return self<V>
     */
    public static function of(array $changes, \Closure $valueAt): self
    {
        $changes[] = 0;
        $changes = array_values(array_unique($changes));
        sort($changes);

        return new self($changes, $valueAt);
    }

    /**
     * The same, seen as it is on whole frames: what is read is not blurred.
     *
     * @return self<T>
     */
    public function held(): self
    {
        return new self($this->changes, $this->atChange(...), true);
    }

    /**
     * The same from one frame to another, and before and after it what it is there.
     *
     * @return self<T>
     */
    public function within(int $from, int $to): self
    {
        $at = static fn (int $frame): int => max($from, min($to, $frame));
        $inside = array_filter($this->changes, static fn (int $change): bool => $change > $from && $change <= $to);

        return self::of(array_values($inside), fn (int $frame): mixed => $this->at($at($frame)));
    }

    /** @return T */
    public function at(int $frame): mixed
    {
        // A frame on which something changes needs no search, once its value is known.
        return $this->known[$frame] ?? $this->atChange($this->changeAt($frame));
    }

    /**
     * @param int $change one of the frames in `changes`
     *
     * @return T
     */
    public function atChange(int $change): mixed
    {
        return $this->known[$change] ??= ($this->valueAt)($change);
    }

    /**
     * @template V
     *
     * @param \Closure(T): V $function
     *
     * @return self<V>
     */
    public function map(\Closure $function): self
    {
        return new self($this->changes, fn (int $change): mixed => $function($this->atChange($change)));
    }

    /**
     * @template O
     * @template V
     *
     * @param self<O> $other
     * @param \Closure(T, O): V $function
     *
     * @return self<V>
     */
    public function with(self $other, \Closure $function): self
    {
        if ($other->isConstant()) {
            return $this->map(static fn (mixed $mine): mixed => $function($mine, $other->first()));
        }
        if ($this->isConstant()) {
            return $other->map(fn (mixed $its): mixed => $function($this->first(), $its));
        }

        return self::of(
            [...$this->changes, ...$other->changes],
            fn (int $frame): mixed => $function($this->at($frame), $other->at($frame)),
        );
    }

    /**
     * What it is at first.
     *
     * @return T
     */
    public function first(): mixed
    {
        return $this->atChange($this->changes[0]);
    }

    /**
     * @template I
     * @template V
     *
     * @param list<self<I>> $tracks
     * @param \Closure(list<I>): V $function
     *
     * @return self<V>
     */
    public static function combine(array $tracks, \Closure $function): self
    {
        $changing = [];
        foreach ($tracks as $index => $track) {
            foreach ($track->changes as $frame) {
                $changing[$frame][] = $index;
            }
        }
        $changing[0] ??= [];
        ksort($changing);
        $changes = array_keys($changing);
        $values = [];
        $place = -1;

        // Asked for in their order, each change looks only at those tracks that change there.
        return new self($changes, static function (int $frame) use (
            $tracks,
            $changing,
            $changes,
            $function,
            &$values,
            &$place,
        ): mixed {
            if (($changes[$place + 1] ?? -1) === $frame) {
                ++$place;
                foreach ($changing[$frame] as $index) {
                    $values[$index] = $tracks[$index]->atChange($frame);
                }
            } else {
                $place = self::lastUpTo($changes, $frame);
                $values = array_map(static fn (self $track): mixed => $track->at($frame), $tracks);
            }

            /** @var list<I> $values */
            return $function($values);
        });
    }

    public function isConstant(): bool
    {
        return count($this->changes) === 1;
    }

    private function changeAt(int $frame): int
    {
        return $this->changes[self::lastUpTo($this->changes, $frame)];
    }

    /**
     * @param non-empty-list<int> $frames rising
     *
     * @return int the place of the last that is not above the frame; 0 where all are
     */
    private static function lastUpTo(array $frames, int $frame): int
    {
        $low = 0;
        $high = count($frames) - 1;
        while ($low < $high) {
            $middle = ($low + $high + 1) >> 1;
            if ($frames[$middle] <= $frame) {
                $low = $middle;
            } else {
                $high = $middle - 1;
            }
        }

        return $low;
    }
}
