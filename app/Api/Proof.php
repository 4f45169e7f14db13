<?php

declare(strict_types=1);

namespace App\Api;

/** What was measured in the pictures of a piece. */
final readonly class Proof extends Answer
{
    public function __construct(
        public bool $exact,
        public string $largestDifferenceText,
        public float $tolerance,
        public int $frames,
        public string $word,
        /** @var list<ProofFigure> */
        public array $figures,
        /** what it can be read like, beside being exact */
        public bool $legible,
        public string $legibleWord,
        /** @var list<ProofCheck> */
        public array $checks,
        /** @var Map<array{float,float,float,float}> what the marks of each chart lie in */
        public Map $extents,
        /** what was looked at, and what cannot be judged, in words */
        public string $extent,
        /** @var Map<ProofDistortion> of solid charts */
        public Map $distortions,
    ) {
    }
}
