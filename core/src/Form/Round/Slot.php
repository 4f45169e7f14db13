<?php

declare(strict_types=1);

namespace Lupine\Core\Form\Round;

/** The place that a figure has in a chart when it is there in full. */
final readonly class Slot
{
    public function __construct(
        public string $figureId,
        /** its earlier boundary, clockwise from 12 o'clock */
        public float $fromDegrees,
        public float $sweepDegrees,
        /** whether nothing is drawn in it */
        public bool $isLeftOut = false,
        /** of the whole, 0 to 1 */
        public float $fraction = 0.0,
        /** how much of its gap is there, 0 to 1 */
        public float $grown = 1.0,
    ) {
    }

    public function toDegrees(): float
    {
        return $this->fromDegrees + $this->sweepDegrees;
    }

    public function middleDegrees(): float
    {
        return $this->fromDegrees + $this->sweepDegrees / 2;
    }

    /** Does the other one begin, clockwise, where this one ends? */
    public function touches(self $next): bool
    {
        return abs(fmod($next->fromDegrees - $this->fromDegrees - $this->sweepDegrees + 720.0 + 1e-9, 360.0)) < 1e-6;
    }
}
