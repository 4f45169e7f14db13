<?php

declare(strict_types=1);

namespace Lupine\Core\Reel;

use Lupine\Core\Contract\OneOf;

/** A line along an outline, in pixels, with round corners. */
final readonly class ReelStroke
{
    public function __construct(
        public float $width,
        #[OneOf('butt', 'round')]
        public string $caps,
        /** @var list<float> lengths of dashes and gaps by turns */
        public array $dashes,
        /** how far into the dashes the line begins; can have a track */
        public int|float $offset,
    ) {
    }
}
