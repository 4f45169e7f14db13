<?php

declare(strict_types=1);

namespace Lupine\Core\Figures;

/** How much of a figure is there on a frame, and between which bounds of its place. */
final readonly class Presence
{
    /** ways of opening in which all of a place is there, as large as it is by now */
    public const GROWING = ['neighbour', 'baseline'];

    /**
     * @param float $amount 0 to 1; more only where a move was asked to pass its figure
     * @param float $from 0 to 1 where it does not pass, in the direction in which the form lays figures out
     * @param float $to the same, at least $from
     */
    private function __construct(public float $amount, public float $from, public float $to)
    {
    }

    public static function full(): self
    {
        return new self(1.0, 0.0, 1.0);
    }

    /**
     * @param float $amount kept above 0; whoever times it keeps it within 1, unless it was asked to pass its figure
     * @param string $opens forward, backward, middle, neighbour or baseline
     */
    public static function opening(float $amount, string $opens): self
    {
        $amount = max(0.0, $amount);

        return match ($opens) {
            'backward' => new self($amount, 1.0 - $amount, 1.0),
            'neighbour', 'baseline' => new self($amount, 0.0, $amount > 0.0 ? 1.0 : 0.0),
            'middle' => new self($amount, (1.0 - $amount) / 2, (1.0 + $amount) / 2),
            default => new self($amount, 0.0, $amount),
        };
    }

    /** @param string $closes forward: the earlier edge runs towards the later one */
    public static function closing(float $amount, string $closes): self
    {
        return self::opening(
            $amount,
            match ($closes) {
                'forward' => 'backward',
                'backward' => 'forward',
                'neighbour', 'baseline' => $closes,
                default => 'middle',
            },
        );
    }

    /** How far it reaches to both sides of the middle of its place, 0 to 0.5; 0 where it has not come to it. */
    public function beyondMiddle(): float
    {
        // Of a place that grows along with it, half is there when half of it is.
        $grown = $this->to - $this->from > $this->amount ? $this->amount - 0.5 : 0.5;

        return max(0.0, min($this->to - 0.5, 0.5 - $this->from, $grown));
    }

    /** The same, counted from the other end. */
    public function reversed(): self
    {
        return new self($this->amount, 1.0 - $this->to, 1.0 - $this->from);
    }
}
