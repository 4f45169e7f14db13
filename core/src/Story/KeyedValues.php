<?php

declare(strict_types=1);

namespace Lupine\Core\Story;

use Lupine\Core\Motion\FrameRange;
use Lupine\Core\Motion\KeyedNumber;
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
