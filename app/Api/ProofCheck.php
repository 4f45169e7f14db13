<?php

declare(strict_types=1);

namespace App\Api;

/** One thing that was looked at, with its place where it has one. */
final readonly class ProofCheck extends Answer
{
    public function __construct(
        public bool $ok,
        public string $message,
        public ?int $frame,
        /** @var array{float,float,float,float}|null left, top, width, height */
        public ?array $box,
    ) {
    }
}
