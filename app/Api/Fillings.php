<?php

declare(strict_types=1);

namespace App\Api;

use Lupine\Core\Contract\Answer;

/** What would be made of a piece with many tables. */
final readonly class Fillings extends Answer
{
    public function __construct(
        /** @var list<Filling> */
        public array $fillings,
        /** @var list<WrongTable> */
        public array $wrong,
    ) {
    }
}
