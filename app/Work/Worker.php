<?php

declare(strict_types=1);

namespace App\Work;

/** A process that makes films, and what it is at. */
final readonly class Worker
{
    public function __construct(
        public string $machine,
        public int $process,
        /** which Lupine it is */
        public string $build,
        /** the name of the file that it makes; null: it waits */
        public ?string $makes = null,
    ) {
    }

    public static function here(?string $makes = null): self
    {
        return new self((string) config('lupine.machine'), (int) getmypid(), Build::here(), $makes);
    }

    public function id(): string
    {
        return $this->machine.' '.$this->process;
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return get_object_vars($this);
    }

    /** @param array<array-key, mixed> $told */
    public static function fromArray(array $told): self
    {
        return new self(
            is_string($told['machine'] ?? null) ? $told['machine'] : '',
            is_int($told['process'] ?? null) ? $told['process'] : 0,
            is_string($told['build'] ?? null) ? $told['build'] : '',
            is_string($told['makes'] ?? null) ? $told['makes'] : null,
        );
    }
}
