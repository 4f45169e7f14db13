<?php

declare(strict_types=1);

namespace App\Api;

use Lupine\Core\Contract\Answer;
use Lupine\Core\Contract\Map;
use Lupine\Core\Contract\OneOf;
use Lupine\Core\Contract\TypedAs;

/** A text as lines of a piece, and what it changes of those that are there. */
final readonly class ReadScript extends Answer
{
    public function __construct(
        #[OneOf('text', 'SubRip', 'WebVTT')]
        public string $kind,
        /** @var list<string> */
        public array $remarks,
        /** @var list<array<string, mixed>> */
        #[TypedAs('Line')]
        public array $lines,
        /** @var list<array<string, mixed>> */
        #[TypedAs('HeardLine')]
        public array $heard,
        /** @var Map<Word> words that are elsewhere now, by “line:word” */
        public Map $moved,
        /**
         * @var Map<list<OfferedWord>> for words that are gone, those that may stand in for them, the nearest
         *                             first
         */
        public Map $kin,
        /** @var list<string> */
        public array $added,
        /** @var list<string> */
        public array $gone,
    ) {
    }
}
