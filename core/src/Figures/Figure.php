<?php

declare(strict_types=1);

namespace Lupine\Core\Figures;

use Brick\Math\BigRational;

/** One cell of the sheet, understood: its number, its share of the whole, and how it was given. */
final readonly class Figure
{
    private float $number;

    private float $part;

    public function __construct(
        public string $id,
        public string $label,
        public BigRational $exact,
        /** digits after the point, as given in the sheet */
        public int $decimals,
        public string $unit,
        public BigRational $exactShare,
        public bool $isRest,
        /** the row of the sheet; of several series each has a figure of its own in it */
        public string $rowId = '',
        /** which of the series it belongs to, from 0 */
        public int $series = 0,
        /** the name of the series, where there are several */
        public string $seriesName = '',
        /** a sum or a rest, not a number as it was typed */
        public bool $isWorkedOut = false,
        /** whether nothing was typed for it; it counts as 0, and a line has a gap there */
        public bool $isGap = false,
    ) {
        $this->number = $exact->toFloat();
        $this->part = $exactShare->toFloat();
    }

    public function value(): float
    {
        return $this->number;
    }

    /** The share of the whole, from 0 to 1. */
    public function share(): float
    {
        return $this->part;
    }

    /** The row, and of several series the one it belongs to. */
    public function fullLabel(): string
    {
        return $this->seriesName === '' ? $this->label : trim($this->label.' · '.$this->seriesName, ' ·');
    }
}
