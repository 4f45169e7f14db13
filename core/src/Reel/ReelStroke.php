<?php

declare(strict_types=1);

namespace Lupine\Core\Reel;

use Lupine\Core\Contract\OneOf;

/** A line along an outline, in pixels, with round corners. */
final readonly class ReelStroke
{
    public function __construct(
        /** can have a track */
        public int|float $width,
        #[OneOf('butt', 'round')]
        public string $caps,
        /** length of a dash; can have a track. With a gap of 0, the line is solid */
        public int|float $dash,
        /** from one dash to the next; can have a track */
        public int|float $gap,
        /** how far into the dashes the line begins; can have a track */
        public int|float $offset,
        /** null: all of the line has the paint */
        public ?ReelLight $light,
    ) {
    }
}
