<?php

declare(strict_types=1);

namespace Lupine\Core\Batch;

use Lupine\Core\Piece\Table;

/** A table that a piece is made with, and what is made of it is called. */
final readonly class NamedTable
{
    /** @param array<string, string> $colours of figures that the file has, by row id */
    public function __construct(public string $name, public Table $table, public array $colours = [])
    {
    }
}
