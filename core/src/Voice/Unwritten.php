<?php

declare(strict_types=1);

namespace Lupine\Core\Voice;

/** Something that is said in a recording and not written in its script, in milliseconds of the recording. */
final readonly class Unwritten
{
    /** @param array{int, int}|null $again the first and last word that it repeats; null where it is new */
    public function __construct(
        public float $begin,
        public float $end,
        /** how many words of the text come before it */
        public int $after,
        public ?array $again,
    ) {
    }
}
