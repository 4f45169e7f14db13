<?php

declare(strict_types=1);

namespace Lupine\Core\Form;

/** The words that a new chart of a form looks right with. */
final readonly class FormDefaults
{
    public function __construct(
        /** none, on or beside */
        public string $labels = 'none',
        /** share or value */
        public string $readings = 'share',
        public bool $hasNames = false,
        public bool $hasLegend = false,
        public bool $hasTotal = false,
        /** whether it takes the whole stage, its title above it, or leaves the right side to words */
        public bool $isWide = false,
        /** pixels, where there are few figures */
        public float $labelSize = 40,
    ) {
    }
}
