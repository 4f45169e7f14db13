<?php

declare(strict_types=1);

namespace App\Api;

use Lupine\Core\Contract\Answer;

/** Whether films begin. */
final readonly class PausedQueue extends Answer
{
    public function __construct(public bool $paused)
    {
    }
}
