<?php

declare(strict_types=1);

namespace Lupine\Core\Desk;

use Lupine\Core\Contract\Answer;

/** A word of a line: when it is said, and how sure that is. */
final readonly class SheetWord extends Answer
{
    public function __construct(
        public string $text,
        public int $frame,
        /** 0 to 1; null where it is only guessed from its place in the line */
        public ?float $sure,
        /** it is said somewhere, but perhaps not there */
        public bool $doubtful,
        /** somebody has put it there */
        public bool $hand,
        /** where listening found it, if it was put elsewhere */
        public ?int $found,
        /** the recording leaves it out */
        public bool $unsaid,
        /** it is meant for a number, and is not understood */
        public bool $unread,
    ) {
    }
}
