<?php

declare(strict_types=1);

namespace Lupine\Core\Motion;

/** A move whose beginning is known: every pin and every order is resolved. */
final readonly class TimedMove
{
    public function __construct(
        public string $kind,
        /** first frame */
        public int $begin,
        /** whole frames it lasts, at least 1; it has arrived on frame begin + frames */
        public int $frames,
        public Curve $curve,
        public string $opens,
        /** the move in the document, or null where it follows the chart's order */
        public ?string $moveId,
        /** what it is pinned to, in words to show */
        public ?string $pinnedTo,
    ) {
    }

    public function end(): int
    {
        return $this->begin + $this->frames;
    }

    /** How far the move has come at the start of a frame. */
    public function progressAt(int $frame): float
    {
        return $this->curve->at(max(0.0, min(1.0, ($frame - $this->begin) / $this->frames)));
    }

    /** @return list<int> the frames on which something changes */
    public function changes(): array
    {
        return range($this->begin, $this->end());
    }
}
