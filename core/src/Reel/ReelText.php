<?php

declare(strict_types=1);

namespace Lupine\Core\Reel;

use Lupine\Core\Contract\OneOf;

/** One line of text. */
final readonly class ReelText implements ReelNode
{
    public function __construct(
        public int $index,
        /** its number among the set texts; can have a track */
        public int $run,
        /** where it is aligned at; can have a track */
        public int|float $x,
        /** its baseline; can have a track */
        public int|float $y,
        /** pixels for one font unit */
        public float $scale,
        #[OneOf('left', 'middle', 'right')]
        public string $align,
        /** a colour */
        public string $fill,
        /** the figure that it counts with, or `total` */
        public ?string $reading,
        /** whether its letters are painted; else outlines beside it are what is seen of it */
        public bool $painted = true,
        /** @var list<string> the colours that its letters can have, where those are several */
        public array $inks = [],
        /** the colour of a line around its letters that they are told from */
        public ?string $edge = null,
        /** radius of the circle that its baseline is bent to, in pixels, below 0: downward; null: straight */
        public ?float $bend = null,
        #[OneOf('text')]
        public string $kind = 'text',
    ) {
    }
}
