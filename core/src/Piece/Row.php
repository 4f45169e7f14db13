<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

/** One row of a table: a label, and what was typed into each value column. */
final readonly class Row
{
    /**
     * @param list<string> $cells as typed, one for each column
     * @param string|null $sure what looked like a slip and was found right: it is not pointed out again
     * @param string|null $group what the row belongs to, such as a region
     */
    public function __construct(
        public string $id,
        public string $label,
        public array $cells,
        public ?string $sure = null,
        public ?string $group = null,
    ) {
    }
}
