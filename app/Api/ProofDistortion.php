<?php

declare(strict_types=1);

namespace App\Api;

use Lupine\Core\Contract\Answer;
use Lupine\Core\Legibility\Distortion;
use Lupine\Core\Legibility\SeenPart;

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

    public static function of(Distortion $seen): self
    {
        [$bestTurn, $best] = $seen->best();

        return new self(
            $seen->seenParts(),
            round($seen->worstFactor(), 4),
            round($seen->turn, 3),
            round($bestTurn, 3),
            round($best, 4),
        );
    }
}
