<?php

declare(strict_types=1);

namespace App\Api;

use Lupine\Core\Contract\Answer;
use Lupine\Core\Contract\TypedAs;

/** Lines that were read by a scratch voice. */
final readonly class ScratchRead extends Answer
{
    public function __construct(
        public string $sound,
        public float $seconds,
        /** @var list<array<string, mixed>> */
        #[TypedAs('HeardLine')]
        public array $heard,
    ) {
    }
}
