<?php

declare(strict_types=1);

namespace App\Api;

use Lupine\Core\Contract\Answer;
use Lupine\Core\Contract\TypedAs;

/** A kit, with what it says. */
final readonly class KitEntry extends Answer
{
    public function __construct(
        public string $id,
        public string $name,
        /** in a few words what it is like */
        public string $about,
        /** which state of it; each change counts */
        public int $revision,
        /** whether it ships, and cannot be changed */
        public bool $isShipped,
        #[TypedAs('Kit')]
        public \stdClass $document,
    ) {
    }
}
