<?php

declare(strict_types=1);

namespace Lupine\Core\Story;

use Lupine\Core\Motion\FrameRange;
use Lupine\Core\Motion\KeyedNumber;
use Lupine\Core\Motion\Moves;
use Lupine\Core\Piece\Backdrop;
use Lupine\Core\Piece\Piece;

/** What is behind everything, at the moments of the moves' clock: its colours go over into others, its rim darkens. */
final readonly class BackdropOverTime
{
    private function __construct(
        private Backdrop $first,
        private KeyedColour $colour,
        private KeyedColour $edge,
        private KeyedNumber $vignette,
    ) {
    }

    public static function of(Piece $piece, Moves $moves): self
    {
        return new self(
            $piece->backdrop,
            KeyedColour::of('colour', $piece->backdrop->colour, $moves->changesOf(null)),
            KeyedColour::of('edge', $piece->backdrop->edge, $moves->changesOf(null)),
            $moves->number('vignette', $piece->backdrop->vignette, null, null),
        );
    }

    public function at(int $moment): Backdrop
    {
        return $this->first->with(
            $this->colour->at($moment),
            $this->edge->at($moment),
            $this->vignette->at($moment),
        );
    }

    /** @return list<int> the moments of a range at which it is otherwise than before */
    public function changes(FrameRange $range): array
    {
        return [
            $range->from,
            ...$this->colour->changes($range),
            ...$this->edge->changes($range),
            ...$this->vignette->changes($range),
        ];
    }
}
