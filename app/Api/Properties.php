<?php

declare(strict_types=1);

namespace App\Api;

use Lupine\Core\Contract\Answer;
use Lupine\Core\Contract\TypedAs;

/** What moves can change, by what it belongs to. */
final readonly class Properties extends Answer
{
    public function __construct(
        /** @var list<array<string, mixed>> */
        #[TypedAs('Property')]
        public array $figure,
        /** @var list<array<string, mixed>> */
        #[TypedAs('Property')]
        public array $chart,
        /** @var list<array<string, mixed>> */
        #[TypedAs('Property')]
        public array $words,
        /** @var list<array<string, mixed>> */
        #[TypedAs('Property')]
        public array $panel,
        /** @var list<array<string, mixed>> */
        #[TypedAs('Property')]
        public array $backdrop,
        /** @var list<CoatProperties> */
        public array $coats,
        /** @var list<array<string, mixed>> of one colour of a gradient */
        #[TypedAs('Property')]
        public array $stop,
        /** @var list<array<string, mixed>> of how any words are set, their coats aside */
        #[TypedAs('Property')]
        public array $style,
        /** @var list<array<string, mixed>> */
        #[TypedAs('Property')]
        public array $plate,
        /** @var list<array<string, mixed>> */
        #[TypedAs('Property')]
        public array $tracks,
    ) {
    }
}
