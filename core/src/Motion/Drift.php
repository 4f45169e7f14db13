<?php

declare(strict_types=1);

namespace Lupine\Core\Motion;

use Lupine\Core\Piece\DriftSettings;

/**
 * A slow way about a place: to one side and the other once, up and down twice, like an eight that lies. It begins and
 * ends in its place, so that it does not jump where a piece is played again.
 */
final readonly class Drift implements Changing
{
    public function __construct(private DriftSettings $settings, private Loops $loops)
    {
    }

    /** What it makes of a number of the thing: x, y or turn. */
    public function on(string $property, KeyedNumber $number): KeyedNumber
    {
        [$far, $rounds] = match ($property) {
            'x' => [$this->settings->across, 1],
            'y' => [$this->settings->down, 2],
            'turn' => [$this->settings->turn, 1],
            default => [0.0, 1],
        };

        return $far === 0.0 ? $number : $number->also(
            [$this],
            fn (float $value, int $moment): float => $value
                + $far * sin($rounds * $this->loops->angle($this->settings->every, $moment)),
        );
    }

    public function changes(FrameRange $range): array
    {
        return range($range->from, $range->to);
    }
}
