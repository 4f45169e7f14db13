<?php

declare(strict_types=1);

namespace Lupine\Core\Story;

use Lupine\Core\Motion\FrameRange;
use Lupine\Core\Motion\KeyedNumber;
use Lupine\Core\Motion\TimedMove;
use Lupine\Core\Motion\Track;
use Lupine\Core\Piece\Change;
use Lupine\Core\Settings\Changed;

/**
 * A group of settings over time: numbers and colours in it that moves change, by where each stands, such as
 * `glows.0.opacity`.
 *
 * @template T of object
 */
final readonly class KeyedValues
{
    /**
     * @param T $first
     * @param array<string, KeyedNumber|KeyedColour> $keyed
     */
    public function __construct(public object $first, private array $keyed)
    {
    }

    /**
     * What changes make of a group. Of a list that has become shorter, what is no longer there waits.
     *
     * @template G of object
     *
     * @param G $first
     * @param list<array{TimedMove, Change}> $changes by their beginnings; those of anything else do not count
     * @param \Closure(string, float): KeyedNumber $number what moves make of a property, and of what it is at first
     * @param \Closure(string): string $colour what a colour that is not said is at first, by its place
     * @param string $prefix before the names in moves
     * @param list<string> $but what is seen to elsewhere
     *
     * @return self<G>
     */
    public static function told(
        object $first,
        array $changes,
        \Closure $number,
        \Closure $colour,
        string $prefix = '',
        array $but = [],
    ): self {
        $keyed = [];
        foreach ($changes as [, $change]) {
            $property = $change->property;
            $path = substr($property, strlen($prefix));
            if (!str_starts_with($property, $prefix) || isset($keyed[$path]) || in_array($path, $but, true)) {
                continue;
            }
            $now = Changed::value($first, $path);
            if ($now !== false) {
                $keyed[$path] = is_float($now) || is_int($now)
                    ? $number($property, (float) $now)
                    : KeyedColour::of($property, is_string($now) ? $now : $colour($path), $changes);
            }
        }

        return new self($first, $keyed);
    }

    /**
     * With what others say where these say nothing.
     *
     * @param self<T> $others
     *
     * @return self<T>
     */
    public function over(self $others): self
    {
        return new self($this->first, $this->keyed + $others->keyed);
    }

    /** @return Track<T> on the frames of a range */
    public function track(FrameRange $range): Track
    {
        $changes = $this->changes($range);

        return $changes === []
            ? Track::constant($this->at($range->from))
            : Track::of([$range->from, ...$changes], $this->at(...));
    }

    /** @return T */
    public function at(int $moment): object
    {
        return Changed::of($this->first, array_map(
            static fn (KeyedNumber|KeyedColour $one): float|string => $one->at($moment),
            $this->keyed,
        ));
    }

    /** @return list<int> the frames of a range on which a move changes anything of it */
    public function changes(FrameRange $range): array
    {
        return array_merge([], ...array_map(
            static fn (KeyedNumber|KeyedColour $one): array => $one->changes($range),
            array_values($this->keyed),
        ));
    }

    /**
     * @param string $prefix before the names
     *
     * @return array<string, KeyedNumber> its numbers
     */
    public function numbers(string $prefix): array
    {
        $numbers = [];
        foreach ($this->keyed as $path => $one) {
            if ($one instanceof KeyedNumber) {
                $numbers[$prefix.$path] = $one;
            }
        }

        return $numbers;
    }
}
