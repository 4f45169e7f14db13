<?php

declare(strict_types=1);

namespace App\Api;

/** What is seen of the parts of a solid chart, against what they are. */
final readonly class ProofDistortion extends Answer
{
    public function __construct(
        /** @var list<SeenPart> */
        public array $parts,
        /** how many times too large or too small the part that is farthest off is seen */
        public float $worst,
        /** degrees */
        public float $turn,
        /** the turn at which the worst is least, in degrees */
        public float $bestTurn,
        /** how bad it is then */
        public float $best,
    ) {
    }
}
