<?php

declare(strict_types=1);

namespace App\Api;

use Lupine\Core\Contract\Answer;

/** A page of the shelf. */
final readonly class Shelf extends Answer
{
    public function __construct(
        /** @var list<ShelfEntry> */
        public array $pieces,
        /** of all pages together */
        public int $count,
        /** where the following page begins */
        public ?string $next,
        /** @var list<ShelfFolder> all that there are, by their names */
        public array $folders,
        /** deleted pieces that can be put back */
        public int $inBin,
    ) {
    }
}
