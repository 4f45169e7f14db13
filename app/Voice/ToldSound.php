<?php

declare(strict_types=1);

namespace App\Voice;

/** What a file says of its sound. */
final readonly class ToldSound
{
    public function __construct(
        /** its length; null where it does not say */
        public ?float $seconds,
        public int $channels,
    ) {
    }
}
