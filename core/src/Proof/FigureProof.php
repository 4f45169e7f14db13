<?php

declare(strict_types=1);

namespace Lupine\Core\Proof;

use Lupine\Core\Geometry\Point;

/** One mark against its figure. */
final readonly class FigureProof
{
    public function __construct(
        public string $chartId,
        public string $figureId,
        public string $label,
        public string $value,
        public string $colour,
        /** 0 to 1 */
        public float $wanted,
        /** 0 to 1, from the outline as drawn on that frame */
        public float $measured,
        public ?float $measuredByArea,
        /** the largest difference on any frame, as a fraction of the whole */
        public float $difference,
        /** on which the mark is most off, or, of one that is not, there in full */
        public int $frame,
        /** on which as much of it is there as ever is */
        public int $fullFrame,
        public string $outline,
        /** where its degrees can be written beside it */
        public Point $beside,
        /** what was measured, with its unit */
        public string $measureText,
    ) {
    }
}
