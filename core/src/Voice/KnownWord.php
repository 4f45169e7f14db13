<?php

declare(strict_types=1);

namespace Lupine\Core\Voice;

/** A word of which it is known when it is said: its beginning and end in milliseconds of its sound. */
final readonly class KnownWord
{
    public function __construct(public float $begin, public float $end)
    {
    }
}
