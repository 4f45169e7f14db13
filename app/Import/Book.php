<?php

declare(strict_types=1);

namespace App\Import;

use Lupine\Core\Import\Grid;
use Lupine\Core\Import\UnreadableFile;

/** A file with one sheet or several. */
interface Book
{
    /** rows of a sheet that are kept: figures, or figures times moments */
    public const MOST_ROWS = 40_000;

    /** columns of a sheet that are kept */
    public const MOST_COLUMNS = 300;

    /** @return non-empty-list<array{name: string, isHidden: bool}> */
    public function sheets(): array;

    /** @throws UnreadableFile */
    public function grid(int $sheet): Grid;
}
