<?php

declare(strict_types=1);

namespace Lupine\Core\Figures;

use Lupine\Core\Piece\Table;

/** What is picked out of a table that is too long, in each of its states. */
final readonly class Picked
{
    /**
     * @param list<Table> $tables one for each state, all with the same rows
     * @param list<array<string, true>> $outside rows that are not shown in a state although they are in its table
     * @param int $places how many are shown at once
     */
    public function __construct(public array $tables, public array $outside, public int $places)
    {
    }
}
