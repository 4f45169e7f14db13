<?php

declare(strict_types=1);

namespace Lupine\Core\Form\Rings;

/** Where one ring runs, and how far its figure takes it. */
final readonly class Ring
{
    public function __construct(
        /** pixels, in the middle of its thickness */
        public float $radius,
        public float $thickness,
        /** where its figure takes it, in degrees */
        public float $sweepDegrees,
        /** where the full scale would take it */
        public float $fullDegrees,
    ) {
    }
}
