<?php

declare(strict_types=1);

namespace App\Import;

use Illuminate\Filesystem\Filesystem;
use Lupine\Core\Figures\NumberStyle;
use Lupine\Core\Import\Choices;
use Lupine\Core\Import\Grid;
use Lupine\Core\Import\Taken;
use Lupine\Core\Import\Taking;
use Lupine\Core\Import\UnreadableFile;
use Lupine\Core\Piece\Field;
use Lupine\Core\Piece\PlainText;

/** Files with tables that are being looked at: kept for a day, so that another sheet costs no upload. */
final readonly class Incoming
{
    /** hours after which nobody comes back to a file */
    public const HOURS = 24;

    private const GONE = 'This file is not here any more; it is kept for a day. Drop it again.';

    public function __construct(private Filesystem $files, private string $folder)
    {
    }

    /**
     * @return string what the file is asked for by
     *
     * @throws UnreadableFile where it is no table
     */
    public function keep(string $bytes, string $name): string
    {
        $this->files->ensureDirectoryExists($this->folder);
        $id = hash('sha256', $name."\n".$bytes);
        $path = $this->path($id);
        if (!is_file($path) && $this->files->put($path, $bytes, true) === false) {
            throw new \RuntimeException('The file could not be written; the disk is full.');
        }
        $this->files->put($path.'.name', $name, true);
        try {
            IncomingFile::open($path, $name);
        } catch (UnreadableFile $reason) {
            $this->files->delete([$path, $path.'.name']);
            throw $reason;
        }

        return $id;
    }

    public function name(string $id): string
    {
        return $this->has($id)
            ? (string) file_get_contents($this->path($id).'.name')
            : throw new UnreadableFile(self::GONE);
    }

    /** @throws UnreadableFile */
    public function book(string $id): Book
    {
        return IncomingFile::open($this->path($id), $this->name($id));
    }

    /** @throws UnreadableFile */
    public function grid(string $id, int $sheet): Grid
    {
        $kept = $this->path($id).'.'.$sheet.'.json';
        if (is_file($kept)) {
            /**
             * @var array{
             *     name: string,
             *     rows: list<list<string>>,
             *     style: string|null,
             *     hiddenRows: list<int>,
             *     hiddenColumns: list<int>,
             *     remarks: list<string>,
             *     rowsInAll: int
             * }|null $read
             */
            $read = json_decode((string) file_get_contents($kept), true);
            if ($read !== null) {
                return new Grid(
                    $read['name'],
                    $read['rows'],
                    $read['style'] === null ? null : NumberStyle::from($read['style']),
                    $read['hiddenRows'],
                    $read['hiddenColumns'],
                    $read['remarks'],
                    $read['rowsInAll'],
                );
            }
        }
        $book = $this->book($id);
        if (!isset($book->sheets()[$sheet])) {
            throw new UnreadableFile(sprintf('“%s” has no sheet %d.', $this->name($id), $sheet + 1));
        }
        $grid = $this->writable($book->grid($sheet));
        $this->files->put(
            $kept,
            json_encode($grid, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR),
            true,
        );

        return $grid;
    }

    /** The table that an import speaks of: `file`, `sheet` and what was decided. */
    public function taken(Field $import, string $tableId = 't1'): Taken
    {
        return Taking::from(
            $this->grid($import->get('file')->text(64), $import->get('sheet')->whole(0, 10_000, 0)),
            Choices::read($import),
            $tableId,
        );
    }

    private function has(string $id): bool
    {
        return preg_match('/^[a-f0-9]{64}$/D', $id) === 1 && is_file($this->path($id));
    }

    private function path(string $id): string
    {
        return $this->folder.'/'.$id;
    }

    /** What cannot stand in a piece is taken out once, here. */
    private function writable(Grid $grid): Grid
    {
        return new Grid(
            PlainText::writable($grid->name),
            array_map(
                static fn (array $row): array => array_map(PlainText::writable(...), $row),
                $grid->rows,
            ),
            $grid->style,
            $grid->hiddenRows,
            $grid->hiddenColumns,
            $grid->remarks,
            $grid->rowsInAll,
        );
    }
}
