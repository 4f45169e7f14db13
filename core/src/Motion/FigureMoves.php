<?php

declare(strict_types=1);

namespace Lupine\Core\Motion;

use Lupine\Core\Figures\Presence;

/** The entrance and the exit of one thing on the stage, and of its label where that was told when to come or go. */
final readonly class FigureMoves implements Changing
{
    public function __construct(
        public ?TimedMove $entrance,
        public ?TimedMove $exit,
        public ?self $label = null,
    ) {
    }

    /** How much of it is there on a frame: the one driver of mark, reading and stem. */
    public function presenceAt(int $frame): Presence
    {
        if ($this->exit !== null && $frame >= $this->exit->begin) {
            return Presence::closing($this->amountAt($frame), $this->exit->opens);
        }

        return $this->entrance === null
            ? Presence::full()
            : Presence::opening($this->amountAt($frame), $this->entrance->opens);
    }

    /** How much of it is there, 0 to 1, wherever its bounds are; more only where a move was asked to pass. */
    public function amountAt(int $frame): float
    {
        $left = match (true) {
            $this->exit === null || $frame < $this->exit->begin => 1.0,
            $this->exit->isBitByBit() => max(0.0, 1.0 - $this->exit->amountAt($frame)),
            default => $frame < $this->exit->end() ? 1.0 : 0.0,
        };

        return $this->amountEntered($frame) * $left;
    }

    /**
     * The same where parts cannot open as they were told to: each opens from its own beginning.
     *
     * @param string|null $growing the one way in which a part can take its place along here; null: none
     */
    public function opening(?string $growing): self
    {
        return $this->follows()
            ? new self($this->entrance?->opening($growing), $this->exit?->opening($growing), $this->label)
            : $this;
    }

    /** Whether there can be more of it on its way than its figure says. */
    public function passes(): bool
    {
        return max($this->entrance->most ?? 1.0, $this->exit->most ?? 1.0) > 1.0;
    }

    /** The same where there is no room for more of it than that. */
    public function within(float $most): self
    {
        return new self($this->entrance?->within($most), $this->exit?->within($most), $this->label);
    }

    /** Whether its place grows along with it: at its neighbour's edge, or up from the baseline. */
    public function follows(): bool
    {
        foreach ([$this->entrance, $this->exit] as $move) {
            if ($move !== null && in_array($move->opens, Presence::GROWING, true) && $move->isBitByBit()) {
                return true;
            }
        }

        return false;
    }

    /** @return list<int> the moments of a range at which there is more or less of it */
    public function changes(FrameRange $range): array
    {
        return [...$this->entrance?->changes($range) ?? [], ...$this->exit?->changes($range) ?? []];
    }

    /** @return Track<Presence> on the frames of a range */
    public function presence(FrameRange $range): Track
    {
        if ($this->entrance === null && $this->exit === null) {
            return Track::constant(Presence::full());
        }

        return Track::of([$range->from, ...$this->changes($range)], $this->presenceAt(...));
    }

    /** @return int on how many frames of a range it moves */
    public function movingFrames(FrameRange $range): int
    {
        $moving = 0;
        foreach ([$this->entrance, $this->exit] as $move) {
            $moving += $move === null ? 0 : $range->overlap($move->begin, $move->end());
        }

        return min($moving, $range->count());
    }

    private function amountEntered(int $frame): float
    {
        return match (true) {
            $this->entrance === null => 1.0,
            $this->entrance->isBitByBit() => max(0.0, $this->entrance->amountAt($frame)),
            default => $frame > $this->entrance->begin ? 1.0 : 0.0,
        };
    }
}
