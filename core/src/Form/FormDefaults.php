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
        /** whether its parts are cut out of a whole, and can be pulled out of it */
        public bool $isCut = false,
        /** whether its parts rise from their baseline, where others open along their way */
        public bool $isRising = false,
        /** pixels, where there are few figures */
        public float $labelSize = 40,
    ) {
    }
}
