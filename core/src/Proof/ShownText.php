<?php

declare(strict_types=1);

namespace Lupine\Core\Proof;

/** A line of text of a reel. */
final readonly class ShownText
{
    /** @param array<int, string> $texts by the frame from which on they are painted */
    public function __construct(
        /** the outermost group that it stands in: the chart, for the words of a chart */
        public ?string $group,
        /** the figure whose reading this is, `total`, or null */
        public ?string $readingOf,
        public array $texts,
    ) {
    }
}
