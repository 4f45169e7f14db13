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
}
