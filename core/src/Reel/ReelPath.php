<?php

declare(strict_types=1);

namespace Lupine\Core\Reel;

use Lupine\Core\Contract\OneOf;

/** An outline that is filled, or that a line runs along. */
final readonly class ReelPath implements ReelNode
{
    public function __construct(
        public int $index,
        /** its number; can have a track */
        public int $outline,
        /** a colour, or the number of a paint; can have a track */
        public string|int $fill,
        /** 0 to 1; can have a track */
        public int|float $opacity,
        /** how it is laid over what is below it */
        #[OneOf('normal', 'multiply', 'screen', 'overlay', 'soft-light', 'add')]
        public string $blend,
        /** the number of what is done to it; null: it is sharp; can have a track */
        public ?int $effect,
        /** the line that the fill is for; null where it fills the outline */
        public ?ReelStroke $stroke,
        /** the figure that it stands for */
        public ?ReelMark $mark,
        #[OneOf('path')]
        public string $kind = 'path',
    ) {
    }
}
