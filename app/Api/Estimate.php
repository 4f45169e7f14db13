<?php

declare(strict_types=1);

namespace App\Api;

use Lupine\Core\Contract\Answer;

/** How large a file will be, and how many seconds it takes to make by itself: roughly, from a sample of it. */
final readonly class Estimate extends Answer
{
    public function __construct(public int $bytes, public float $seconds)
    {
    }
}
