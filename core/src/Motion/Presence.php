<?php

declare(strict_types=1);

namespace Lupine\Core\Motion;

/** How much of a figure is there on a frame, and between which bounds of its place. */
final readonly class Presence
{
    /**
     * @param float $from 0 to 1, clockwise in the figure's place
     * @param float $to 0 to 1, at least $from
     */
    private function __construct(public float $amount, public float $from, public float $to)
    {
    }

    public static function full(): self
    {
        return new self(1.0, 0.0, 1.0);
    }

    /**
     * @param float $amount kept within 0 and 1: neither a sweep nor a reading runs past its figure
     * @param string $opens clockwise, counterclockwise or middle
     */
    public static function opening(float $amount, string $opens): self
    {
        $amount = min(1.0, max(0.0, $amount));

        return match ($opens) {
            'counterclockwise' => new self($amount, 1.0 - $amount, 1.0),
            'middle' => new self($amount, (1.0 - $amount) / 2, (1.0 + $amount) / 2),
            default => new self($amount, 0.0, $amount),
        };
    }

    /** @param string $closes clockwise: the earlier edge runs clockwise towards the later one */
    public static function closing(float $amount, string $closes): self
    {
        return self::opening(
            $amount,
            match ($closes) {
                'clockwise' => 'counterclockwise',
                'counterclockwise' => 'clockwise',
                default => 'middle',
            },
        );
    }
}
