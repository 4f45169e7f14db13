<?php

declare(strict_types=1);

namespace Lupine\Core\Form;

/** How one figure stands at a moment, when all of it is there. */
final readonly class Standing
{
    public function __construct(
        public string $figureId,
        public float $value,
        /** of the whole now, 0 to 1; on a scale: of its maximum now, signed */
        public float $fraction,
        /** in the order, from 0; between two whole numbers while places change */
        public float $place,
        public bool $isRest = false,
        /** the row that it stands in; figures of several series share it */
        public string $rowId = '',
        /** which of the series it belongs to, from 0 */
        public int $series = 0,
        /** whether nothing was typed for it: a line has a gap there */
        public bool $isGap = false,
        /** how much of it has come, 0 to 1, where its place grows along with it; else 1 */
        public float $grown = 1.0,
        /** its fraction where all of it has come; null: it has */
        private ?float $full = null,
    ) {
    }

    /** Its fraction where all of it has come. */
    public function full(): float
    {
        return $this->full ?? $this->fraction;
    }

    /** The same, with so much of it there, and of its place. */
    public function grownTo(float $part): self
    {
        return new self(
            $this->figureId,
            $this->value,
            $this->full() * $part,
            $this->place,
            $this->isRest,
            $this->rowId,
            $this->series,
            $this->isGap,
            $part,
            $this->full(),
        );
    }
}
