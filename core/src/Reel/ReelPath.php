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
        /** 0 to 1 */
        public float $opacity,
        /** null: it is sharp */
        public ?Blur $effect,
        /** the line that the fill is for; null where it fills the outline */
        public ?ReelStroke $stroke,
        /** the figure that it stands for */
        public ?ReelMark $mark,
        #[OneOf('path')]
        public string $kind = 'path',
    ) {
    }
}
