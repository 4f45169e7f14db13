<?php

declare(strict_types=1);

namespace App\Import;

/** Rows as a file has them, with gaps. */
final readonly class Rows
{
    /**
     * Rows and cells that the file leaves out are empty.
     *
     * @param array<int, array<int, string>> $rows
     *
     * @return list<list<string>>
     */
    public static function filled(array $rows): array
    {
        $filled = [];
        for ($row = 0, $last = $rows === [] ? -1 : max(array_keys($rows)); $row <= $last; ++$row) {
            $cells = $rows[$row] ?? [];
            $width = $cells === [] ? 0 : max(array_keys($cells)) + 1;
            $line = [];
            for ($column = 0; $column < $width; ++$column) {
                $line[] = $cells[$column] ?? '';
            }
            $filled[] = $line;
        }

        return $filled;
    }
}
