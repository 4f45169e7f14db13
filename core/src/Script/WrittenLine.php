<?php

declare(strict_types=1);

namespace Lupine\Core\Script;

/** A line as a text brings it: with or without times, in milliseconds of the whole. */
final readonly class WrittenLine
{
    /** @param array<int, float> $words when some of its words begin, by their place in the line */
    public function __construct(
        public string $text,
        public ?float $begin = null,
        public ?float $end = null,
        public array $words = [],
    ) {
    }
}
