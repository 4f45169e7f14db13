<?php

declare(strict_types=1);

namespace App\Api;

use Lupine\Core\Contract\Answer;

/** Colours under a name; of those that are only read or made the id is empty. */
final readonly class PaletteEntry extends Answer
{
    public function __construct(
        public string $id,
        public string $name,
        /** @var list<string> */
        public array $colours,
    ) {
    }
}
