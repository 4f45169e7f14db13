<?php

declare(strict_types=1);

namespace App\Api;

use Lupine\Core\Contract\Answer;
use Lupine\Core\Contract\TypedAs;

/** Where the words of a script are said in a sound. */
final readonly class FoundWords extends Answer
{
    public function __construct(
        /** @var list<array<string, mixed>> */
        #[TypedAs('HeardLine')]
        public array $heard,
        /** @var list<array<string, mixed>> */
        #[TypedAs('UnwrittenSpeech')]
        public array $unwritten,
    ) {
    }
}
