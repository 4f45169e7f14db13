<?php

declare(strict_types=1);

namespace Lupine\Core\Contract;

/** What it is, or each of a list is, is declared elsewhere: in the schema of a piece, of the reel, or of settings. */
#[\Attribute(\Attribute::TARGET_PROPERTY)]
final readonly class TypedAs
{
    public function __construct(public string $name)
    {
    }
}
