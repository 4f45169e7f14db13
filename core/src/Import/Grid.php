<?php

declare(strict_types=1);

namespace Lupine\Core\Import;

use Lupine\Core\Figures\NumberStyle;

/** One sheet of a file, or a pasted table: rows of cells as texts, before it is known what they mean. */
final readonly class Grid
{
    public int $width;

    public function __construct(
        public string $name,
        /** @var list<list<string>> days as ISO 8601 has them; rows may be shorter than others */
        public array $rows,
        /** how numbers are written in it; null where that must be found out */
        public ?NumberStyle $style = null,
        /** @var list<int> indices of rows that are hidden in the file, or filtered away */
        public array $hiddenRows = [],
        /** @var list<int> indices of columns that are hidden in the file */
        public array $hiddenColumns = [],
        /** @var list<string> what the file has that is not taken, in sentences */
        public array $remarks = [],
        /** whether the file has more rows than there are here */
        public bool $isCut = false,
    ) {
        $this->width = $rows === [] ? 0 : max(array_map(count(...), $rows));
    }

    public function cell(int $row, int $column): string
    {
        return trim($this->rows[$row][$column] ?? '');
    }

    public function isEmpty(int $row): bool
    {
        return trim(implode('', $this->rows[$row])) === '';
    }

    /** The place of a cell as spreadsheets name it: `C5`. */
    public static function place(int $row, int $column): string
    {
        return self::letters($column).($row + 1);
    }

    /** A column as spreadsheets name it: `A` to `Z`, then `AA`. */
    public static function letters(int $column): string
    {
        return ($column >= 26 ? self::letters(intdiv($column, 26) - 1) : '').chr(65 + $column % 26);
    }
}
