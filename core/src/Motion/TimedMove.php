<?php

declare(strict_types=1);

namespace Lupine\Core\Motion;

use Lupine\Core\Figures\Presence;

/** A move whose beginning is known: every pin and every order is resolved. */
final readonly class TimedMove implements Changing
{
    /** manners in which words come letter by letter, or word by word */
    public const WRITTEN = ['letters', 'words'];

    public function __construct(
        public string $kind,
        /** the moment at which it begins: the frame, where its clock has no other ones */
        public int $begin,
        public Pace $pace,
        public string $opens,
        /** the move in the document, or null where it follows the chart's order */
        public ?string $moveId,
        /** what it is pinned to, in words to show */
        public ?string $pinnedTo,
        /** how it comes or goes: see Manner */
        public string $manner = 'open',
        private Clock $clock = new Clock(),
        /** how much of its figure there can be of a part on its way: 1, or more where it was asked to pass it */
        public float $most = 1.0,
    ) {
    }

    /** Whole frames it lasts, at least 1. */
    public function frames(): int
    {
        return $this->pace->frames;
    }

    /** The moment at which it has arrived. */
    public function end(): int
    {
        return $this->begin + $this->clock->count($this->pace->frames);
    }

    /**
     * The same where it cannot open as it was told to: forward then.
     *
     * @param string|null $growing the one way in which a part can take its place along here; null: none
     */
    public function opening(?string $growing): self
    {
        $isGrowing = in_array($this->opens, Presence::GROWING, true);

        return $this->with($isGrowing && $this->opens !== $growing ? 'forward' : $this->opens, $this->most);
    }

    /** The same with no more of its figure than that. */
    public function within(float $most): self
    {
        return $this->with($this->opens, min($this->most, $most));
    }

    /** Whether what it moves opens or closes bit by bit; else it is all there, or not at all. */
    public function isBitByBit(): bool
    {
        return $this->manner === 'open';
    }

    /** How far the move has come at a moment. */
    public function progressAt(int $moment): float
    {
        return $this->after($this->begin, $moment);
    }

    /** How much of a figure it has brought, or taken: 0 to 1, or as far as its curve runs where that was asked for. */
    public function amountAt(int $moment): float
    {
        $progress = $this->progressAt($moment);

        return max(1.0 - $this->most, min($this->most, $progress));
    }

    /** How far it would have come at a moment, had it begun at another one, which is a frame's own time. */
    public function after(int $begin, int $moment): float
    {
        return $this->pace->after($this->clock->at($moment) - $this->clock->frameOf($begin));
    }

    /** @return list<int> the moments of a range at which something changes */
    public function changes(FrameRange $within): array
    {
        $first = max($this->begin, $within->from);
        $last = min($this->end(), $within->to);

        return $last < $first ? [] : range($first, $last);
    }

    private function with(string $opens, float $most, ?string $manner = null): self
    {
        return new self(
            $this->kind,
            $this->begin,
            $this->pace,
            $opens,
            $this->moveId,
            $this->pinnedTo,
            $manner ?? $this->manner,
            $this->clock,
            $most,
        );
    }
}
