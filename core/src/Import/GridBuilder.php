<?php

declare(strict_types=1);

namespace Lupine\Core\Import;

use Lupine\Core\Figures\NumberStyle;
use Lupine\Core\Settings\PlainText;

/**
 * Gathers the rows of one sheet within bounds. Whatever a file says of itself (a row 40 million, a cell repeated a
 * million times, one long text named by all cells), no more than these is ever held.
 */
final class GridBuilder
{
    /** rows that are kept: figures, or figures times moments */
    public const MOST_ROWS = 40_000;

    public const MOST_COLUMNS = 300;

    /** cells in all, those that are empty before a filled one as well */
    public const MOST_CELLS = 150_000;

    /** bytes of text in all, a text that stands in several cells each time */
    public const MOST_BYTES = 10_000_000;

    /** cells of one join beyond which it is a decoration, and nothing is said */
    private const MOST_JOINED = 4000;

    /** @var array<int, list<string>> by index; rows that the file leaves out are missing */
    private array $rows = [];

    /** @var array<int, true> */
    private array $hiddenRows = [];

    /** @var array<int, true> */
    private array $hiddenColumns = [];

    private int $cells = 0;
    private int $bytes = 0;
    private int $joined = 0;
    private bool $isCut = false;
    private bool $isTooWide = false;

    /** @param string $file its name, for what is said of it; empty where it was pasted */
    public function __construct(private readonly string $file)
    {
    }

    /**
     * @param int $row its index; one beyond the last that is kept is only noted
     * @param array<int, string> $cells by index of their column, not negative, in any order, with gaps
     *
     * @throws UnreadableFile where the sheet holds more than is read
     */
    public function put(int $row, array $cells): void
    {
        if ($cells === []) {
            return;
        }
        if ($row >= self::MOST_ROWS) {
            $this->isCut = true;

            return;
        }
        $filled = array_is_list($cells) ? $cells : self::filled($cells);
        if (count($filled) > self::MOST_COLUMNS) {
            $this->isTooWide = true;
            $filled = array_slice($filled, 0, self::MOST_COLUMNS);
        }
        $this->count($this->rows[$row] ?? [], -1);
        $this->count($filled, 1);
        $this->check();
        $this->rows[$row] = $filled;
    }

    /** @param list<string> $cells */
    private function count(array $cells, int $sign): void
    {
        $this->cells += $sign * count($cells);
        foreach ($cells as $text) {
            $this->bytes += $sign * strlen($text);
        }
    }

    /** @throws UnreadableFile */
    private function check(): void
    {
        if ($this->cells > self::MOST_CELLS || $this->joined > self::MOST_CELLS) {
            throw self::tooLarge($this->file);
        }
        if ($this->bytes > self::MOST_BYTES) {
            throw new UnreadableFile(
                sprintf(
                    '%s has more than %d MB of text in one sheet, the limit. Take out the columns with long texts.',
                    self::named($this->file),
                    self::MOST_BYTES / 1_000_000,
                ),
                $this->file,
            );
        }
    }

    /**
     * Texts for cells that are there already.
     *
     * @param array<int, string> $cells by index of their column
     *
     * @throws UnreadableFile where the sheet holds more than is read
     */
    public function fill(int $row, array $cells): void
    {
        $this->put($row, array_replace(
            $this->rows[$row] ?? [],
            array_intersect_key($cells, $this->rows[$row] ?? []),
        ));
    }

    /** Whether another row would only be noted. */
    public function isFull(): bool
    {
        return $this->isCut;
    }

    public function hideRow(int $row): void
    {
        if ($row >= 0 && $row < self::MOST_ROWS) {
            $this->hiddenRows[$row] = true;
        }
    }

    /** @param string $file its name; empty where it was pasted */
    public static function tooLarge(string $file): UnreadableFile
    {
        return new UnreadableFile(
            sprintf(
                '%s has more than %s cells in one sheet, the limit. Keep the rows and columns your film mentions.',
                self::named($file),
                number_format(self::MOST_CELLS),
            ),
            $file,
        );
    }

    private static function named(string $file): string
    {
        return $file === '' ? 'This table' : '“'.$file.'”';
    }

    /** Both are included; those that no sheet has are left out. */
    public function hideColumns(int $from, int $to): void
    {
        $isDone = count($this->hiddenColumns) === self::MOST_COLUMNS;
        for ($column = max(0, $from); !$isDone && $column <= min($to, self::MOST_COLUMNS - 1); ++$column) {
            $this->hiddenColumns[$column] = true;
        }
    }

    /**
     * Cells that are joined in the file: what stands in the first is said of all of them.
     *
     * @throws UnreadableFile where they are too many
     */
    public function spread(int $row, int $column, int $down, int $across): void
    {
        $text = $this->rows[$row][$column] ?? '';
        // A title over the whole table names none of its columns.
        $isTitle = $across > 1 && $down === 1 && $this->isAlone($row, $column);
        $isJoin = min($down, $across) >= 1 && max($down, $across) <= self::MOST_JOINED;
        if ($text === '' || $isTitle || !$isJoin || $down * $across > self::MOST_JOINED) {
            return;
        }
        $this->joined += $down * $across;
        $right = min($column + $across, self::MOST_COLUMNS);
        for ($below = $row; $below < min($row + $down, self::MOST_ROWS); ++$below) {
            $cells = array_pad($this->rows[$below] ?? [], $right, '');
            $cells = array_replace($cells, array_fill($column, $right - $column, $text));
            $this->put($below, array_values($cells));
        }
    }

    private function isAlone(int $row, int $column): bool
    {
        foreach ($this->rows[$row] ?? [] as $place => $text) {
            if ($place !== $column && trim($text) !== '') {
                return false;
            }
        }

        return true;
    }

    /** @param list<string> $remarks what the file has that is not taken, in sentences */
    public function grid(string $name, ?NumberStyle $style, array $remarks = []): Grid
    {
        if ($this->isTooWide) {
            $remarks[] = sprintf(
                'Columns after %s, the %dth: they are not read.',
                Grid::letters(self::MOST_COLUMNS - 1),
                self::MOST_COLUMNS,
            );
        }
        $rows = [];
        for ($row = 0, $height = $this->rows === [] ? 0 : max(array_keys($this->rows)) + 1; $row < $height; ++$row) {
            $rows[] = array_map(PlainText::writable(...), $this->rows[$row] ?? []);
            // What was taken over is not held twice.
            unset($this->rows[$row]);
        }

        return new Grid(
            SheetName::of($name),
            $rows,
            $style,
            array_keys($this->hiddenRows),
            array_keys($this->hiddenColumns),
            $remarks,
            $this->isCut,
        );
    }

    /**
     * @param non-empty-array<int, string> $cells
     *
     * @return list<string>
     */
    private static function filled(array $cells): array
    {
        $filled = [];
        $last = min(max(array_keys($cells)), self::MOST_COLUMNS);
        for ($column = 0; $column <= $last; ++$column) {
            $filled[] = $cells[$column] ?? '';
        }

        return $filled;
    }
}
