<?php

declare(strict_types=1);

namespace Lupine\Core\Batch;

/** A piece with another table in it, and what has become of it with that. */
final readonly class Filled
{
    /**
     * @param list<string> $remarks in sentences
     * @param string|null $reading the recording of a scratch voice that says other words now; null: none does
     */
    public function __construct(
        public string $name,
        public \stdClass $document,
        public array $remarks,
        public ?string $reading = null,
    ) {
    }
}
