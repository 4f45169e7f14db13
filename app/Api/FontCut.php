<?php

declare(strict_types=1);

namespace App\Api;

use Lupine\Core\Contract\Answer;
use Lupine\Core\Contract\Map;

/** A style that a variable font names. */
final readonly class FontCut extends Answer
{
    public function __construct(
        public string $name,
        /** @var Map<float> by the tags of its axes */
        public Map $values,
    ) {
    }
}
