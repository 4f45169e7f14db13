<?php

declare(strict_types=1);

namespace Lupine\Core\Story;

use Lupine\Core\Finish\Colour;
use Lupine\Core\Motion\FrameRange;
use Lupine\Core\Motion\KeyedNumber;
use Lupine\Core\Motion\Moves;
use Lupine\Core\Motion\TimedMove;
use Lupine\Core\Piece\Backdrop;
use Lupine\Core\Piece\Change;
use Lupine\Core\Piece\Piece;

/** What is behind everything, at the moments of the moves' clock: its colours go over into others, its rim darkens. */
final readonly class BackdropOverTime
{
    /** @param list<array{TimedMove, Change}> $changes by their beginnings */
    private function __construct(private Backdrop $first, private array $changes, private KeyedNumber $vignette)
    {
    }

    public static function of(Piece $piece, Moves $moves): self
    {
        return new self(
            $piece->backdrop,
            $moves->changesOf(null),
            $moves->number('vignette', $piece->backdrop->vignette, null, null),
        );
    }

    public function at(int $moment): Backdrop
    {
        return $this->changes === [] ? $this->first : $this->first->with(
            $this->colour('colour', $this->first->colour, $moment),
            $this->colour('edge', $this->first->edge, $moment),
            $this->vignette->at($moment),
        );
    }

    /** @return list<int> the moments of a range at which it is otherwise than before */
    public function changes(FrameRange $range): array
    {
        $changes = [$range->from];
        foreach ($this->changes as [$move]) {
            array_push($changes, ...$move->changes($range));
        }

        return $changes;
    }

    /** Each goes on from what it is when it begins; none runs past its end, as there is no colour there. */
    private function colour(string $property, string $first, int $moment): string
    {
        $colour = Colour::hex($first);
        $steps = array_filter($this->changes, static fn (array $one): bool => $one[1]->property === $property);
        $steps = array_values($steps);
        foreach ($steps as $index => [$move, $change]) {
            if ($moment < $move->begin) {
                break;
            }
            $until = isset($steps[$index + 1]) ? min($moment, $steps[$index + 1][0]->begin) : $moment;
            $come = max(0.0, min(1.0, $move->progressAt($until)));
            $colour = $colour->mixedWith(Colour::hex((string) $change->to), $come);
        }

        return $colour->toHex();
    }
}
