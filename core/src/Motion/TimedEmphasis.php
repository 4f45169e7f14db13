<?php

declare(strict_types=1);

namespace Lupine\Core\Motion;

use Lupine\Core\Piece\EmphasisSettings;

/** An emphasis whose beginning and end are known: how much of it there is on a frame. */
final readonly class TimedEmphasis implements Changing
{
    public function __construct(
        public string $figureId,
        public TimedMove $move,
        /** the moment at which it begins to let go; it takes as long as it took to arrive */
        public int $letsGo,
        public EmphasisSettings $settings,
    ) {
    }

    /** 0 to 1; a curve that runs past its end lets it stand out no further than it is told. */
    public function at(int $frame): float
    {
        $come = min(1.0, max(0.0, $this->move->progressAt($frame)));
        $gone = min(1.0, max(0.0, $this->move->after($this->letsGo, $frame)));

        return $frame < $this->move->begin ? 0.0 : $come * (1.0 - ($frame < $this->letsGo ? 0.0 : $gone));
    }

    public function end(): int
    {
        return $this->letsGo + $this->move->end() - $this->move->begin;
    }

    /** The same, letting go on an earlier frame. */
    public function until(int $frame): self
    {
        return new self($this->figureId, $this->move, min($this->letsGo, $frame), $this->settings);
    }

    /** @return list<int> the frames of a range on which there is another amount of it */
    public function changes(FrameRange $range): array
    {
        $changes = $this->move->changes($range);
        [$first, $last] = [max($this->letsGo, $range->from), min($this->end(), $range->to)];

        return $last < $first ? $changes : [...$changes, ...range($first, $last)];
    }
}
