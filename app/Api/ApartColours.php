<?php

declare(strict_types=1);

namespace App\Api;

use Lupine\Core\Contract\Answer;

/** How well colours are told apart, and the same colours moved until they are. */
final readonly class ApartColours extends Answer
{
    public function __construct(
        /** @var list<AlikePair> the nearest first */
        public array $alike,
        /** @var list<AlikePair> in a picture without colours */
        public array $grey,
        /** CIEDE2000 from which on colours are told apart */
        public float $enough,
        /** @var list<string> as they are where they need no repair */
        public array $repaired,
        /** @var list<AlikePair> what could not be repaired */
        public array $left,
    ) {
    }
}
