<?php

declare(strict_types=1);

namespace Lupine\Core\Papers;

/** A subtitle: a text and when it is there, in milliseconds from the beginning of the film. */
final readonly class Cue
{
    /**
     * @param list<string> $lines
     * @param list<array{int, string}> $words each with its own beginning; empty where they are of no matter
     */
    public function __construct(public int $from, public int $to, public array $lines, public array $words = [])
    {
    }

    /** A moment as hours, minutes, seconds and milliseconds, with what stands before these. */
    public static function clock(int $milliseconds, string $point): string
    {
        return sprintf(
            '%02d:%02d:%02d%s%03d',
            intdiv($milliseconds, 3_600_000),
            intdiv($milliseconds, 60_000) % 60,
            intdiv($milliseconds, 1000) % 60,
            $point,
            $milliseconds % 1000,
        );
    }
}
