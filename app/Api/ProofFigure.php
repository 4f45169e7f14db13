<?php

declare(strict_types=1);

namespace App\Api;

/** A figure, as it is and as it is measured in the picture. */
final readonly class ProofFigure extends Answer
{
    public function __construct(
        public string $chart,
        public string $figure,
        public string $label,
        public string $value,
        public string $colour,
        public float $difference,
        public int $frame,
        public string $outline,
        /** @var array{float,float} */
        public array $beside,
        public string $wantedText,
        public string $measuredText,
        public string $differenceText,
        public string $measureText,
    ) {
    }
}
