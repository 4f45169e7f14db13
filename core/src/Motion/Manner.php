<?php

declare(strict_types=1);

namespace Lupine\Core\Motion;

/**
 * How a thing comes and goes: it opens as its form lets it, or it is all there at once and pops up from its middle,
 * fades in, or rises to its place. The last three change how it is shown, never what it measures.
 */
final readonly class Manner
{
    /** how far below its place it begins to rise, in pixels of the chart */
    private const BELOW = 70.0;

    private function __construct(private FigureMoves $moves)
    {
    }

    public static function of(FigureMoves $moves): self
    {
        return new self($moves);
    }

    /** What coming and going make of a number of the thing. */
    public function on(string $property, KeyedNumber $number): KeyedNumber
    {
        foreach ([$this->moves->entrance, $this->moves->exit] as $move) {
            if ($move === null || !self::changes($move->manner, $property)) {
                continue;
            }
            $isExit = $move === $this->moves->exit;
            $shown = static function (float $value, int $frame) use ($move, $property, $isExit): float {
                $come = $isExit ? 1.0 - $move->progressAt($frame) : $move->progressAt($frame);

                return match ($property) {
                    // A settle runs past its size; nothing turns inside out.
                    'size' => $value * max(0.0, $come),
                    'opacity' => $value * max(0.0, min(1.0, $come)),
                    default => $value + self::BELOW * (1.0 - $come),
                };
            };
            $number = $number->also([$move], $shown);
        }

        return $number;
    }

    private static function changes(string $manner, string $property): bool
    {
        return match ($manner) {
            'pop' => $property === 'size',
            'fade' => $property === 'opacity',
            'rise' => $property === 'opacity' || $property === 'y',
            default => false,
        };
    }
}
