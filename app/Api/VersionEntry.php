<?php

declare(strict_types=1);

namespace App\Api;

use Lupine\Core\Contract\Answer;
use Lupine\Core\Contract\OneOf;
use Lupine\Core\Versions\Difference;

/** A version of a piece, in the list of what there was. */
final readonly class VersionEntry extends Answer
{
    public function __construct(
        public int $number,
        /** that it was given; null: none, and it may be thinned */
        public ?string $name,
        public ?string $at,
        /** now: where the piece stands; redo: undone; aside: undone before something else was done */
        #[OneOf('past', 'now', 'redo', 'aside')]
        public string $state,
        /** @var list<Difference> from the version that it was made from; none for the first */
        public array $changes,
        public bool $isFirst,
    ) {
    }
}
