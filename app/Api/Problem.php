<?php

declare(strict_types=1);

namespace App\Api;

use Lupine\Core\Contract\Answer;
use Lupine\Core\Contract\OneOf;
use Lupine\Core\Problem as Found;

/** Something about figures that cannot be drawn, or should be looked at. */
final readonly class Problem extends Answer
{
    public function __construct(
        #[OneOf('error', 'notice')]
        public string $severity,
        public string $code,
        public string $where,
        public string $message,
        public ?string $rowId,
        /** @var list<Repair> */
        public array $repairs,
    ) {
    }

    public static function of(Found $problem): self
    {
        return new self(
            $problem->severity,
            $problem->code,
            $problem->where,
            $problem->message,
            $problem->rowId,
            array_map(Repair::of(...), $problem->repairs),
        );
    }
}
