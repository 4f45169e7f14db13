<?php

declare(strict_types=1);

namespace App\Api;

use Lupine\Core\Contract\Answer;
use Lupine\Core\Contract\Map;
use Lupine\Core\Legibility\Check;
use Lupine\Core\Legibility\Mending;
use Lupine\Core\Proof\Proof as Measured;

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

    /** @param \Closure(Mending): bool $isOfUse whether what would mend a check changes anything */
    public static function of(Measured $proof, \Closure $isOfUse): self
    {
        $largest = rtrim(rtrim(number_format($proof->largestDifference(), 9, '.', ''), '0'), '.');
        $issues = $proof->issues();

        return new self(
            $proof->isExact(),
            $largest,
            Measured::TOLERANCE,
            $proof->frames,
            $proof->word(),
            array_map(ProofFigure::of(...), $proof->figures),
            $issues === 0,
            match ($issues) {
                0 => 'legible',
                1 => '1 issue',
                default => $issues.' issues',
            },
            array_map(static fn (Check $check): ProofCheck => ProofCheck::of($check, $isOfUse), $proof->checks()),
            new Map($proof->extents),
            $proof->extent,
            new Map(array_map(ProofDistortion::of(...), $proof->distortions)),
        );
    }
}
