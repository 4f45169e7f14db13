<?php

declare(strict_types=1);

namespace Lupine\Core\Reel;

use Lupine\Core\Contract\OneOf;

/** What changes about a node: a value holds until the next. */
final readonly class ReelTrack
{
    public function __construct(
        /** its index */
        public int $node,
        #[OneOf(
            'outline',
            'clip',
            'mask',
            'fill',
            'effect',
            'opacity',
            'offset',
            'width',
            'dash',
            'gap',
            'length',
            'place',
            'run',
            'x',
            'y',
            'size',
            'turn',
            'whole',
        )]
        public string $property,
        /** @var list<int> rising, from the reel's first on; moments where the reel has samples */
        public array $frames,
        /** @var list<int|float|string> */
        public array $values,
    ) {
    }
}
