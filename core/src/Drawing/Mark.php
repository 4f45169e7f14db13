<?php

declare(strict_types=1);

namespace Lupine\Core\Drawing;

/** Which figure an outline is the mark of. */
final readonly class Mark
{
    public function __construct(
        public string $chartId,
        public string $figureId,
        public string $label,
        public float $value,
        public float $share,
        public string $valueText,
    ) {
    }
}
