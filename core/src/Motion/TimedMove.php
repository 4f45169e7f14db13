<?php

declare(strict_types=1);

namespace Lupine\Core\Motion;

/** A move whose beginning is known: every pin and every order is resolved. */
final readonly class TimedMove implements Changing
{
    public function __construct(
        public string $kind,
        /** first frame */
        public int $begin,
        public Pace $pace,
        public string $opens,
        /** the move in the document, or null where it follows the chart's order */
        public ?string $moveId,
        /** what it is pinned to, in words to show */
        public ?string $pinnedTo,
        /** how it comes or goes: see Manner */
        public string $manner = 'open',
    ) {
    }

    /** Whole frames it lasts, at least 1; it has arrived on frame begin + frames. */
    public function frames(): int
    {
        return $this->pace->frames;
    }

    public function end(): int
    {
        return $this->begin + $this->pace->frames;
    }

    /** Whether what it moves opens or closes bit by bit; else it is all there, or not at all. */
    public function isBitByBit(): bool
    {
        return $this->manner === 'open';
    }

    /** How far the move has come at the start of a frame. */
    public function progressAt(int $frame): float
    {
        return $this->pace->after($frame - $this->begin);
    }

    /** @return list<int> the frames of a range on which something changes */
    public function changes(FrameRange $within): array
    {
        $first = max($this->begin, $within->from);
        $last = min($this->end(), $within->to);

        return $last < $first ? [] : range($first, $last);
    }
}
