<?php

declare(strict_types=1);

namespace App\Api;

use Lupine\Core\Contract\Answer;

/** A page of the files. */
final readonly class HandOffs extends Answer
{
    public function __construct(
        /** @var list<HandOff> */
        public array $handOffs,
        /** where the following page begins */
        public ?string $next,
        /** no film begins */
        public bool $paused,
        /** @var list<Machine>|null those that make files; null: the desk's own alone */
        public ?array $machines,
        /** for all that waits and is made; null: nothing does, or it cannot be known */
        public ?int $secondsLeft,
    ) {
    }
}
