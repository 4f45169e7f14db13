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
        /** @var list<float> lengths of dashes and gaps by turns */
        public array $dashes,
        /** how far into the dashes the line begins; can have a track */
        public int|float $offset,
        /** by how much dashes and gaps are longer than they are told; can have a track */
        public int|float $stretch,
        /** null: all of the line has the paint */
        public ?ReelLight $light,
    ) {
    }
}
