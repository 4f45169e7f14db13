<?php

declare(strict_types=1);

namespace App\Api;

use Lupine\Core\Contract\Answer;
use Lupine\Core\Versions\Difference;

/** What is not the same in two versions. */
final readonly class ComparedVersions extends Answer
{
    public function __construct(
        /** @var list<Difference> */
        public array $differences,
    ) {
    }
}
