<?php

declare(strict_types=1);

namespace Lupine\Core\Contract;

/** The words that a text in an answer or a file can be. */
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
