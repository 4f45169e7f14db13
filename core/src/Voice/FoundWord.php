<?php

declare(strict_types=1);

namespace Lupine\Core\Voice;

/** A word that was looked for in a recording, in milliseconds of it, and how sure it is there, from 0 to 1. */
final readonly class FoundWord
{
    public function __construct(
        public float $begin,
        public float $end,
        public float $sure,
        /** false: the recording leaves it out, and this is where it would be */
        public bool $isSaid = true,
    ) {
    }
}
