<?php

declare(strict_types=1);

namespace App\Api;

/** The words that a text can be. */
#[\Attribute(\Attribute::TARGET_PROPERTY)]
final readonly class OneOf
{
    /** @var list<string> */
    public array $words;

    public function __construct(string ...$words)
    {
        $this->words = array_values($words);
    }
}
