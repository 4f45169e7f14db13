<?php

declare(strict_types=1);

namespace Lupine\Core\Form;

/** The place that a figure has in a chart when it is there in full. */
final readonly class Slot
{
    public function __construct(
        public string $figureId,
        /** its earlier boundary, clockwise from 12 o'clock */
        public float $fromDegrees,
        public float $sweepDegrees,
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
}
