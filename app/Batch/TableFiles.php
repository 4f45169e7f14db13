<?php

declare(strict_types=1);

namespace App\Batch;

use App\Import\Incoming;
use App\Import\IncomingFile;
use Lupine\Core\Import\UnreadableFile;
use Lupine\Core\Settings\Field;

/** Files with tables on this machine, as Fillings takes them. */
final readonly class TableFiles
{
    public function __construct(private Incoming $incoming)
    {
    }

    /**
     * @param array{file: string, by: string, column: string|null, sheet: string|null} $table
     *
     * @throws UnreadableFile
     */
    public function source(array $table): Field
    {
        ['file' => $file, 'by' => $by, 'column' => $column, 'sheet' => $sheet] = $table;
        if (!is_file($file) || !is_readable($file)) {
            throw new UnreadableFile('There is no such file, or it cannot be read.', $file);
        }
        if ((int) filesize($file) > IncomingFile::MOST_BYTES) {
            throw IncomingFile::tooLarge((int) filesize($file), basename($file));
        }
        $id = $this->incoming->keep((string) file_get_contents($file), basename($file));
        $number = $sheet === null ? $this->incoming->firstSheet($id) : $this->sheet($id, $sheet, $file);

        return Field::root((object) [
            'file' => $id,
            'by' => $by === 'sheets' && $sheet !== null ? 'sheet' : $by,
            'sheet' => $number,
            ...$column === null ? [] : ['column' => $this->column($id, $number, $column, $file)],
        ]);
    }

    private function sheet(string $id, string $name, string $file): int
    {
        $names = array_column($this->incoming->sheets($id), 'name');
        $found = array_search($name, $names, true);

        return is_int($found) ? $found : throw new UnreadableFile(
            sprintf('It has no sheet “%s”. It has “%s”.', $name, implode('”, “', $names)),
            $file,
        );
    }

    /** The column whose head is that, in the first rows. */
    private function column(string $id, int $sheet, string $head, string $file): int
    {
        foreach (array_slice($this->incoming->grid($id, $sheet)->rows, 0, 20) as $row) {
            $found = array_search($head, array_map(trim(...), $row), true);
            if (is_int($found)) {
                return $found;
            }
        }

        throw new UnreadableFile(sprintf('It has no column “%s”.', $head), $file);
    }
}
