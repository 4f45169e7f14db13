<?php

declare(strict_types=1);

namespace Lupine\Core\Motion;

/**
 * A value that changes on certain frames only, found when it is asked for.
 *
 * @template T
 */
final class Track
{
    /** @var array<int, T> */
    private array $known = [];

    /**
     * @param non-empty-list<int> $changes rising, from 0
     * @param \Closure(int): T $valueAt
     */
    private function __construct(public readonly array $changes, private readonly \Closure $valueAt)
    {
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
        $changes = array_merge(...array_map(static fn (self $track): array => $track->changes, $tracks));

        return self::of(
            $changes,
            static fn (int $frame): mixed => $function(
                array_map(static fn (self $track): mixed => $track->at($frame), $tracks),
            ),
        );
    }

    public function isConstant(): bool
    {
        return count($this->changes) === 1;
    }

    private function changeAt(int $frame): int
    {
        $low = 0;
        $high = count($this->changes) - 1;
        while ($low < $high) {
            $middle = intdiv($low + $high + 1, 2);
            if ($this->changes[$middle] <= $frame) {
                $low = $middle;
            } else {
                $high = $middle - 1;
            }
        }

        return $this->changes[$low];
    }
}
