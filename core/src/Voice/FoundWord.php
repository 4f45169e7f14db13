<?php

declare(strict_types=1);

namespace Lupine\Core\Voice;

/** A word that was found in a recording, in milliseconds of it, and how sure that is, from 0 to 1. */
final readonly class FoundWord
{
    public function __construct(public float $begin, public float $end, public float $sure)
    {
    }
}
