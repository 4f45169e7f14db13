<?php

declare(strict_types=1);

namespace App\Api;

use Lupine\Core\Contract\Answer;

/** A text in several fonts. */
final readonly class FontSamples extends Answer
{
    public function __construct(
        /** @var list<FontSample> */
        public array $samples,
    ) {
    }
}
