<?php

declare(strict_types=1);

namespace Lupine\Core\Proof;

use Lupine\Core\Geometry\Point;

/** What one outline was found to be. */
final readonly class Measured
{
    public function __construct(
        /** as a fraction of the whole, or of the scale */
        public float $share,
        /** the same found in a second way, from the area; null where there is none */
        public ?float $areaShare,
        /** a point beside the mark, where a measure can be written */
        public Point $beside,
    ) {
    }

    /** How far the two ways are apart. */
    public function ownDifference(): float
    {
        return abs(($this->areaShare ?? $this->share) - $this->share);
    }
}
