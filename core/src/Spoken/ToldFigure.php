<?php

declare(strict_types=1);

namespace Lupine\Core\Spoken;

/** A figure that a text tells: its name, its number as a cell of a sheet would have it, and the words that say it. */
final readonly class ToldFigure
{
    public function __construct(
        public string $label,
        public string $cell,
        /** the line, from 0, and the words in it: the first and the one after the last */
        public int $line,
        public int $from,
        public int $to,
        public string $words,
        /** whether its name was guessed from words that may be none */
        public bool $isGuess = false,
    ) {
    }
}
