<?php

declare(strict_types=1);

namespace App\Api;

use Lupine\Core\Contract\Answer;

/** All kits, those that ship first. */
final readonly class Kits extends Answer
{
    public function __construct(
        /** @var list<KitEntry> */
        public array $kits,
        /** the one that new pieces begin in */
        public ?string $default,
    ) {
    }
}
