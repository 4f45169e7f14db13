<?php

declare(strict_types=1);

namespace Lupine\Core\Story;

use Lupine\Core\Finish\Colour;
use Lupine\Core\Motion\Changing;
use Lupine\Core\Motion\FrameRange;
use Lupine\Core\Motion\TimedMove;
use Lupine\Core\Piece\Change;

/** A colour over time: what it is at first, and what moves make of it, one after another. */
final readonly class KeyedColour implements Changing
{
    /** @param list<array{TimedMove, string}> $steps moves with what they lead to, by their beginnings */
    private function __construct(private string $first, private array $steps)
    {
    }

    /** @param list<array{TimedMove, Change}> $changes by their beginnings; those of other properties do not count */
    public static function of(string $property, string $first, array $changes): self
    {
        $steps = [];
        foreach ($changes as [$move, $change]) {
            if ($change->property === $property) {
                $steps[] = [$move, (string) $change->to];
            }
        }

        return new self($first, $steps);
    }

    public function isStill(): bool
    {
        return $this->steps === [];
    }

    /** Each goes on from what it is when it begins; none runs past its end, as there is no colour there. */
    public function at(int $moment): string
    {
        $colour = Colour::hex($this->first);
        foreach ($this->steps as $index => [$move, $to]) {
            if ($moment < $move->begin) {
                break;
            }
            $until = isset($this->steps[$index + 1]) ? min($moment, $this->steps[$index + 1][0]->begin) : $moment;
            $come = max(0.0, min(1.0, $move->progressAt($until)));
            $colour = $colour->mixedWith(Colour::hex($to), $come);
        }

        return $colour->toHex();
    }

    public function changes(FrameRange $range): array
    {
        return array_merge([], ...array_map(
            static fn (array $step): array => $step[0]->changes($range),
            $this->steps,
        ));
    }
}
