<?php

declare(strict_types=1);

namespace App\Import;

use App\Disk\FullDisk;
use App\Disk\Kept;
use Lupine\Core\Import\Choices;
use Lupine\Core\Import\Grid;
use Lupine\Core\Import\Taken;
use Lupine\Core\Import\Taking;
use Lupine\Core\Import\UnreadableFile;
use Lupine\Core\Settings\Field;

/** Files with tables that are being looked at: kept for a day, so that another sheet costs no upload. */
final readonly class Incoming
{
    /** hours after which nobody comes back to a file */
    public const HOURS = 24;

    private const BOOK = '.book';
    private const GONE = 'This file has expired; files are kept for one day. Drop it again.';

    public function __construct(private Kept $kept, private Reader $reader)
    {
    }

    /**
     * @param string $name that the file had
     *
     * @return string what the file is asked for by
     *
     * @throws UnreadableFile where it is no table
     * @throws FullDisk
     */
    public function keep(string $bytes, string $name): string
    {
        $id = hash('sha256', $name."\n".$bytes);
        if ($this->kept->find($id, self::BOOK) !== null) {
            return $id;
        }
        $path = $this->kept->room($id);
        try {
            self::write($path, $bytes);
            $read = $this->reader->read($path, $name, null);
            self::write($path.self::BOOK, json_encode(
                ['name' => $name, ...$read],
                JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
            ));
        } catch (\Throwable $reason) {
            $this->kept->drop($id, ['', self::BOOK]);
            // A sheet that was read to its end just when its time was over.
            array_map('unlink', glob($path.'.*.json') ?: []);
            throw $reason;
        }

        return $id;
    }

    /** @throws UnreadableFile */
    public function name(string $id): string
    {
        return $this->book($id)['name'];
    }

    /**
     * @return list<array{name: string, isHidden: bool}>
     *
     * @throws UnreadableFile
     */
    public function sheets(string $id): array
    {
        return $this->book($id)['sheets'];
    }

    /**
     * The first sheet that is shown and has a table; where none has, the first.
     *
     * @throws UnreadableFile
     */
    public function firstSheet(string $id): int
    {
        return $this->book($id)['sheet'];
    }

    /**
     * @throws UnreadableFile
     * @throws FullDisk
     */
    public function grid(string $id, int $sheet): Grid
    {
        $path = $this->kept->find($id) ?? throw new UnreadableFile(self::GONE, 'file');
        $grid = KeptGrid::read($path, $sheet);
        if ($grid === null) {
            $this->reader->read($path, $this->name($id), $sheet);
            $grid = KeptGrid::read($path, $sheet);
        }

        return $grid ?? throw new UnreadableFile(self::GONE, 'file');
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

    /** @return array{name: string, sheets: list<array{name: string, isHidden: bool}>, sheet: int} */
    private function book(string $id): array
    {
        $path = $this->kept->find($id, self::BOOK) ?? throw new UnreadableFile(self::GONE, 'file');

        return json_decode((string) file_get_contents($path), true, 8, JSON_THROW_ON_ERROR);
    }

    private static function write(string $path, string $bytes): void
    {
        if (@file_put_contents($path, $bytes, LOCK_EX) !== strlen($bytes)) {
            throw new FullDisk();
        }
    }
}
