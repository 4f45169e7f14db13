<?php

declare(strict_types=1);

namespace App\Import;

use Lupine\Core\Figures\NumberStyle;
use Lupine\Core\Import\Grid;

/** A sheet as it was read, kept beside its file. */
final readonly class KeptGrid
{
    public static function path(string $file, int $sheet): string
    {
        return $file.'.'.$sheet.'.json';
    }

    /** The sheet; null where it was not read yet. */
    public static function read(string $file, int $sheet): ?Grid
    {
        $path = self::path($file, $sheet);
        /**
         * @var array{
         *     name: string,
         *     rows: list<list<string>>,
         *     style: string|null,
         *     hiddenRows: list<int>,
         *     hiddenColumns: list<int>,
         *     remarks: list<string>,
         *     isCut: bool
         * }|null $read
         */
        $read = is_file($path) ? json_decode((string) file_get_contents($path), true) : null;

        return $read === null ? null : new Grid(
            $read['name'],
            $read['rows'],
            $read['style'] === null ? null : NumberStyle::from($read['style']),
            $read['hiddenRows'],
            $read['hiddenColumns'],
            $read['remarks'],
            $read['isCut'],
        );
    }
}
