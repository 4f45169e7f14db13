<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

/** A value column of a table. */
final readonly class Column
{
    public function __construct(public string $id, public string $name)
    {
    }
}
