<?php

declare(strict_types=1);

namespace App\Api;

use Lupine\Core\Contract\Answer;

/** A table that a piece cannot be made with, and why. */
final readonly class WrongTable extends Answer
{
    public function __construct(public string $name, public string $message)
    {
    }
}
