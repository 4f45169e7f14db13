<?php

declare(strict_types=1);

namespace App\Import;

use Lupine\Core\Import\Grid;
use Lupine\Core\Import\UnreadableFile;

/** A file with one sheet or several. */
interface Book
{
    /** sheets beyond which a file is no table's */
    public const MOST_SHEETS = 1000;

    /** @return non-empty-list<array{name: string, isHidden: bool}> */
    public function sheets(): array;

    /** @throws UnreadableFile */
    public function grid(int $sheet): Grid;
}
