<?php

declare(strict_types=1);

namespace App\Api;

use Lupine\Core\Contract\Answer;

/** The scratch voices that there are. */
final readonly class SpeakerList extends Answer
{
    public function __construct(
        /** @var list<Speaker> */
        public array $speakers,
    ) {
    }
}
