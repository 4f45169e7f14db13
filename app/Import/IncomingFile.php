<?php

declare(strict_types=1);

namespace App\Import;

use Lupine\Core\Formats\TableText;
use Lupine\Core\Import\Grid;
use Lupine\Core\Import\JsonTable;
use Lupine\Core\Import\UnreadableFile;

/** A file with a table, of whatever kind; what it is its contents say, not its name. */
final readonly class IncomingFile
{
    public const MOST_BYTES = 10_000_000;

    /** how a compound file begins: an old spreadsheet, or one that is locked (MS-CFB 2.2) */
    private const COMPOUND = "\xD0\xCF\x11\xE0";

    /** the name of the stream in which a locked XLSX lies (MS-OFFCRYPTO 2.3.4.4), in UTF-16 */
    private const LOCKED = "E\0n\0c\0r\0y\0p\0t\0e\0d\0P\0a\0c\0k\0a\0g\0e\0";

    /**
     * @param string $name that it had
     *
     * @throws UnreadableFile
     */
    public static function open(string $path, string $name): Book
    {
        $size = (int) @filesize($path);
        if ($size === 0) {
            throw new UnreadableFile(sprintf('“%s” is empty.', $name), $name);
        }
        if ($size > self::MOST_BYTES) {
            throw self::tooLarge($size, $name);
        }
        $begin = (string) file_get_contents($path, false, null, 0, 8);
        if (str_starts_with($begin, "PK\x03\x04")) {
            return self::zipped(Archive::open($path, $name));
        }
        if (str_starts_with($begin, self::COMPOUND)) {
            throw str_contains((string) file_get_contents($path), self::LOCKED)
                ? Archive::locked($name)
                : new UnreadableFile(
                    sprintf('“%s” is in an old spreadsheet format. Save it as XLSX or ODS and drop it again.', $name),
                    $name,
                );
        }

        return new Texts(self::grids((string) file_get_contents($path), $name));
    }

    public static function tooLarge(int $bytes, string $name): UnreadableFile
    {
        return new UnreadableFile(
            sprintf(
                '“%s” is %.1f MB; the limit is 10 MB. Save only the sheet you need as a separate file.',
                $name,
                $bytes / 1e6,
            ),
            $name,
        );
    }

    private static function zipped(Archive $archive): Book
    {
        return match (true) {
            $archive->has('xl/workbook.xml') => new Xlsx($archive),
            $archive->has('content.xml')
                && str_contains($archive->beginning('mimetype'), 'opendocument.spreadsheet') => new Ods($archive),
            default => throw new UnreadableFile(
                sprintf('“%s” is not a spreadsheet Lupine can read. Use XLSX, ODS, CSV, TSV or JSON.', $archive->name),
                $archive->name,
            ),
        };
    }

    /** @return non-empty-list<Grid> */
    private static function grids(string $bytes, string $name): array
    {
        $text = self::decoded($bytes);
        if (preg_match('/[\x00-\x08\x0E-\x1F]/', substr($text, 0, 4000)) === 1) {
            throw new UnreadableFile(
                sprintf('“%s” is not a table. Use XLSX, ODS, CSV, TSV or JSON.', $name),
                $name,
            );
        }
        $title = pathinfo($name, PATHINFO_FILENAME);

        return preg_match('/^\s*[\[{]/', $text) === 1
            ? JsonTable::grids($text, $name)
            : [TableText::grid($text, $title)];
    }

    /** UTF-8 and UTF-16 are told by their marks; what is no UTF-8 is taken for the old encoding of the West. */
    private static function decoded(string $bytes): string
    {
        return match (true) {
            str_starts_with($bytes, "\xFF\xFE") => mb_convert_encoding(substr($bytes, 2), 'UTF-8', 'UTF-16LE'),
            str_starts_with($bytes, "\xFE\xFF") => mb_convert_encoding(substr($bytes, 2), 'UTF-8', 'UTF-16BE'),
            str_starts_with($bytes, "\xEF\xBB\xBF") => substr($bytes, 3),
            mb_check_encoding($bytes, 'UTF-8') => $bytes,
            default => mb_convert_encoding($bytes, 'UTF-8', 'Windows-1252'),
        };
    }
}
