<?php

declare(strict_types=1);

namespace App\Api;

use Lupine\Core\Contract\Answer;

/** The palettes that are kept, in their order. */
final readonly class Palettes extends Answer
{
    public function __construct(
        /** @var list<PaletteEntry> */
        public array $palettes,
    ) {
    }
}
