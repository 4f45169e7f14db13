<?php

declare(strict_types=1);

namespace Lupine\Core\Voice;

/** A word that was found in a recording, in milliseconds of it, and how sure that is, from 0 to 1. */
final readonly class FoundWord
{
    /** below it a word is shown as doubtful */
    public const DOUBTFUL = 0.5;

    public function __construct(public float $begin, public float $end, public float $sure)
    {
    }
}
