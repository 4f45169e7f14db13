<?php

declare(strict_types=1);

namespace App\Voice;

use Lupine\Core\Voice\KnownWord;

/** A text that was spoken: its sound, and when its words are said in it. */
final readonly class Spoken
{
    public function __construct(
        /** 16 bits a sample, one channel */
        public string $samples,
        public int $rate,
        /** @var list<list<KnownWord>> of each line */
        public array $words,
        /** @var list<array{int, int}> of each line its first sample and the one after its last */
        public array $lines,
    ) {
    }
}
