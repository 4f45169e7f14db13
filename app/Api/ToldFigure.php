<?php

declare(strict_types=1);

namespace App\Api;

use Lupine\Core\Contract\Answer;

/** A figure that a text tells. */
final readonly class ToldFigure extends Answer
{
    public function __construct(
        public string $label,
        public string $cell,
        /** the line that says it */
        public int $line,
        /** the first of the words that say it */
        public int $from,
        /** the one after the last */
        public int $to,
        /** the words that say it */
        public string $words,
        /** its name was guessed from words that may be none */
        public bool $isGuess,
    ) {
    }
}
