<?php

declare(strict_types=1);

namespace App\Api;

use Lupine\Core\Contract\Answer;
use Lupine\Core\Contract\TypedAs;

/** What moves can change of one coat of a kind, wherever it lies. */
final readonly class CoatProperties extends Answer
{
    public function __construct(
        public string $kind,
        /** @var list<array<string, mixed>> named from the coat on */
        #[TypedAs('Property')]
        public array $properties,
    ) {
    }
}
