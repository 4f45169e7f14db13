<?php

declare(strict_types=1);

namespace Lupine\Core\Formats;

use Lupine\Core\Piece\Table;

/** A table as it was pasted, and what it brought along. */
final readonly class UnderstoodTable
{
    /** @param bool $hasLabels whether it names its rows; numbers alone do not */
    public function __construct(public Table $table, public bool $hasLabels)
    {
    }
}
