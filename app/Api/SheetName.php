<?php

declare(strict_types=1);

namespace App\Api;

use Lupine\Core\Contract\Answer;

/** A sheet of a file. */
final readonly class SheetName extends Answer
{
    public function __construct(
        public string $name,
        public bool $isHidden,
    ) {
    }
}
