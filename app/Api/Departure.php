<?php

declare(strict_types=1);

namespace App\Api;

use Lupine\Core\Contract\OneOf;

/** A place at which the recording says something else than the script. */
final readonly class Departure extends Answer
{
    public function __construct(
        #[OneOf('unsaid', 'unwritten', 'again', 'figure')]
        public string $kind,
        /** the line that it is in, or comes after */
        public ?string $line,
        /** the first of its words */
        public int $from,
        /** the one after the last */
        public int $to,
        public string $text,
        /** what is the matter, as somebody reads it */
        public string $message,
        public int $begin,
        public int $end,
        /** which of the recording's own list it is */
        public ?int $index,
    ) {
    }
}
