<?php

declare(strict_types=1);

namespace Lupine\Core\Import;

use Lupine\Core\Figures\NumberStyle;
use Lupine\Core\Piece\Table;

/** A table that was understood, and how. */
final readonly class Taken
{
    public function __construct(
        public Table $table,
        /** index of the row that names the columns; -1: there is none */
        public int $heading,
        /** @var list<string> the role of each column of the grid, of Choices::ROLES */
        public array $roles,
        /** figures: a row is a figure; long: a row is a figure at a moment; moments: a row is a moment */
        public string $layout,
        /** @var list<string> what was understood, in sentences */
        public array $understood,
        /** @var list<string> what was left out, and why, in sentences */
        public array $leftOut,
        /** @var list<int> rows with something in them that are no figures, by their index in the grid */
        public array $skipped,
        /** @var array<string, string> colours of figures, by row id */
        public array $colours,
        /** whether it names its rows; numbers alone do not */
        public bool $hasLabels,
        /** what stands above the table; empty where nothing does */
        public string $title,
        /** how its numbers were read */
        public NumberStyle $numbers,
        /** one of them that can be read another way, where nothing in the table settles it */
        public ?string $openNumber,
        /** whether rows or columns that add up others were left out */
        public bool $hasTotals,
    ) {
    }
}
