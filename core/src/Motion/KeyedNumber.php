<?php

declare(strict_types=1);

namespace Lupine\Core\Motion;

/** A number over time: what it is at first, and what moves make of it, one after another. */
final readonly class KeyedNumber
{
    /** @param list<array{move: TimedMove, from: float, to: float}> $steps by their beginnings */
    private function __construct(private float $first, private array $steps)
    {
    }

    /**
     * Each move begins from what the number is on its first frame, where it does not say from what.
     *
     * @param list<array{TimedMove, float, float|null}> $changes moves with what they lead to and begin from, by their
     *                                                           beginnings
     */
    public static function of(float $first, array $changes): self
    {
        $number = new self($first, []);
        $steps = [];
        foreach ($changes as [$move, $to, $from]) {
            $steps[] = ['move' => $move, 'from' => $from ?? $number->at($move->begin), 'to' => $to];
            $number = new self($first, $steps);
        }

        return $number;
    }

    public function at(int $frame): float
    {
        for ($index = count($this->steps) - 1; $index >= 0; --$index) {
            $step = $this->steps[$index];
            if ($frame >= $step['move']->begin) {
                $amount = min(1.0, max(0.0, $step['move']->progressAt($frame)));

                return $amount >= 1.0 ? $step['to'] : $step['from'] + ($step['to'] - $step['from']) * $amount;
            }
        }

        return $this->first;
    }

    public function isStill(): bool
    {
        return $this->steps === [];
    }

    /** @return Track<float> on the frames of a range */
    public function track(FrameRange $range): Track
    {
        if ($this->steps === []) {
            return Track::constant($this->first);
        }

        return Track::of([$range->from, ...$this->changes($range)], $this->at(...));
    }

    /** @return list<int> the frames of a range on which it changes */
    public function changes(FrameRange $range): array
    {
        $changes = [];
        foreach ($this->steps as $step) {
            array_push($changes, ...$step['move']->changes($range));
        }

        return $changes;
    }
}
