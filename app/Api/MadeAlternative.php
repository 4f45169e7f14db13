<?php

declare(strict_types=1);

namespace App\Api;

use Lupine\Core\Contract\Answer;

/** What is said to those who do not see the picture, where nobody has written it: in short and at length. */
final readonly class MadeAlternative extends Answer
{
    public function __construct(public string $short, public string $long)
    {
    }
}
