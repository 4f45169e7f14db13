<?php

declare(strict_types=1);

namespace Lupine\Core\Figures;

use Brick\Math\BigRational;

/** One row of the sheet, understood: its number, its share of the whole, and how it was given. */
final readonly class Figure
{
    public function __construct(
        public string $id,
        public string $label,
        public BigRational $exact,
        /** digits after the point, as given in the sheet */
        public int $decimals,
        public string $unit,
        public BigRational $exactShare,
        public bool $isRest,
    ) {
    }

    public function value(): float
    {
        return $this->exact->toFloat();
    }

    /** The share of the whole, from 0 to 1. */
    public function share(): float
    {
        return $this->exactShare->toFloat();
    }
}
