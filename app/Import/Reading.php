<?php

declare(strict_types=1);

namespace App\Import;

use Lupine\Core\Figures\ImpossibleFigures;
use Lupine\Core\Import\Grid;
use Lupine\Core\Import\Taking;
use Lupine\Core\Import\UnreadableFile;

/**
 * What bin/read-table.php does, in a process of its own: one file is read to one of its sheets, which is written beside
 * it. Nothing here needs the framework, so that the process is there at once.
 */
final readonly class Reading
{
    /** sheets that are looked through for one with a table */
    private const LOOKED_THROUGH = 12;

    /**
     * @param string $path of the file
     * @param string $name that it had
     * @param int|null $sheet its index; null for the first that is shown and has a table, or else the first
     *
     * @return array{sheets: list<array{name: string, isHidden: bool}>, sheet: int}
     *
     * @throws UnreadableFile
     */
    public static function of(string $path, string $name, ?int $sheet): array
    {
        $book = IncomingFile::open($path, $name);
        $sheets = $book->sheets();
        if ($sheet !== null && !isset($sheets[$sheet])) {
            throw new UnreadableFile(sprintf('“%s” has no sheet %d.', $name, $sheet + 1), $name);
        }
        [$sheet, $grid] = $sheet === null ? self::first($book) : [$sheet, $book->grid($sheet)];
        $kept = json_encode($grid, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR);
        if (@file_put_contents(KeptGrid::path($path, $sheet), $kept) !== strlen($kept)) {
            throw new \RuntimeException('No space left on device');
        }

        return ['sheets' => $sheets, 'sheet' => $sheet];
    }

    /** @return array{int, Grid} */
    private static function first(Book $book): array
    {
        foreach (array_slice($book->sheets(), 0, self::LOOKED_THROUGH) as $number => $sheet) {
            if ($sheet['isHidden']) {
                continue;
            }
            try {
                $grid = $book->grid($number);
                Taking::from($grid);

                return [$number, $grid];
            } catch (ImpossibleFigures|UnreadableFile) {
                // Another one may have a table; where none has, what is wrong with the first is said.
                continue;
            }
        }

        return [0, $book->grid(0)];
    }
}
