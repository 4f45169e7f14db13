<?php

declare(strict_types=1);

namespace Lupine\Core\Edits;

use Lupine\Core\Settings\BadPiece;
use Lupine\Core\Settings\Json;

/**
 * A table while an act changes its rows and columns. Its formulas go on to ask for the same cells.
 *
 * References are those of OpenFormula (ODF 1.2, part 2): `[.B2]`, `[.B2:.B9]`, of which brackets and points may be left
 * out. A are the labels, and the first row are the heads.
 */
final readonly class EditedTable
{
    private const REFERENCE = '/\[?\.?\$?[A-Z]{1,3}\$?\d{1,5}(?::\.?\$?[A-Z]{1,3}\$?\d{1,5})?\]?/iu';

    private const PART = '/(\$?)([A-Z]{1,3})(\$?)(\d{1,5})/iu';

    /** what a reference to a cell that is gone becomes (OpenFormula, 5.12) */
    private const GONE = '#REF!';

    private const LETTERS = 26;

    private const CODE_OF_A = 65;

    public \stdClass $table;

    /** @var list<string> the ids as they stood */
    private array $rowsBefore;

    /** @var list<string> */
    private array $columnsBefore;

    /** @throws BadPiece where there is no such table */
    public function __construct(Edited $edited, string $id)
    {
        $this->table = Edited::named($edited->tables(), $id)
            ?? throw new BadPiece("There is no table “{$id}”.", 'with.table');
        $this->rowsBefore = self::ids($this->rows());
        $this->columnsBefore = self::ids($this->columns());
    }

    /** @return list<\stdClass> */
    public function rows(): array
    {
        return Json::objects($this->table->rows ?? null);
    }

    /** @return list<\stdClass> */
    public function columns(): array
    {
        return Json::objects($this->table->columns ?? null);
    }

    /**
     * @return int the place of a column, from 0
     *
     * @throws BadPiece where there is no such column
     */
    public function column(string $id): int
    {
        $at = array_search($id, $this->columnsBefore, true);

        return $at === false ? throw new BadPiece("There is no column “{$id}”.", 'with.column') : $at;
    }

    /** @return list<\stdClass> the charts that show it */
    public function charts(Edited $edited): array
    {
        return array_values(array_filter(
            $edited->charts(),
            fn (\stdClass $chart): bool => $chart->table === $this->table->id,
        ));
    }

    /**
     * @param list<\stdClass>|null $rows as they stand now; null: as before
     * @param list<\stdClass>|null $columns
     */
    public function becomes(?array $rows = null, ?array $columns = null): void
    {
        $this->table->rows = $rows ?? $this->rows();
        $this->table->columns = $columns ?? $this->columns();
        $rowNow = array_flip(self::ids($this->rows()));
        $columnNow = array_flip(self::ids($this->columns()));
        $known = array_flip($this->rowsBefore);
        foreach ($this->rows() as $row) {
            if (isset($known[Json::text($row, 'id')]) && is_array($row->cells)) {
                $row->cells = array_map(
                    fn (mixed $cell): mixed => $this->kept($cell, $rowNow, $columnNow),
                    $row->cells,
                );
            }
        }
        $this->table->whole = $this->kept($this->table->whole ?? null, $rowNow, $columnNow);
    }

    /**
     * @param array<string, int> $rowNow
     * @param array<string, int> $columnNow
     */
    private function kept(mixed $text, array $rowNow, array $columnNow): mixed
    {
        return is_string($text) && str_starts_with(ltrim($text), '=')
            ? preg_replace_callback(
                self::REFERENCE,
                fn (array $found): string => $this->moved($found[0], $rowNow, $columnNow),
                $text,
            )
            : $text;
    }

    /**
     * @param array<string, int> $rowNow
     * @param array<string, int> $columnNow
     */
    private function moved(string $reference, array $rowNow, array $columnNow): string
    {
        preg_match_all(self::PART, $reference, $ends, PREG_SET_ORDER);
        $isRange = count($ends) > 1;
        $now = [];
        foreach ($ends as $end => [, , $letters, , $number]) {
            // Of a range of which an end is gone, the next one inside.
            $inward = $isRange ? 1 - 2 * $end : 0;
            $column = self::nearest($this->columnsBefore, $columnNow, self::number($letters) - 1, $inward);
            $row = self::nearest($this->rowsBefore, $rowNow, (int) $number - 2, $inward);
            if ($column === null || $row === null) {
                return self::GONE;
            }
            $now[] = [self::letters($column + 1), $row + 2];
        }
        $at = 0;

        return (string) preg_replace_callback(self::PART, static function (array $found) use ($now, &$at): string {
            [$letters, $number] = $now[$at++];

            return $found[1].$letters.$found[3].$number;
        }, $reference);
    }

    /**
     * Where the thing at a place is now; null where it is nowhere.
     *
     * @param list<string> $before
     * @param array<string, int> $now
     * @param int $inward −1, 0 or 1: where to look on for another one
     */
    private static function nearest(array $before, array $now, int $place, int $inward): ?int
    {
        // Heads and labels stay, and so does what is beyond the table.
        if ($place < 0 || $place >= count($before)) {
            return $place;
        }
        for ($at = $place; $at >= 0 && $at < count($before); $at += $inward) {
            if (isset($now[$before[$at]])) {
                return $now[$before[$at]];
            }
            if ($inward === 0) {
                break;
            }
        }

        return null;
    }

    /** A is 0. */
    private static function number(string $letters): int
    {
        $number = 0;
        foreach (str_split(strtoupper($letters)) as $letter) {
            $number = $number * self::LETTERS + ord($letter) - self::CODE_OF_A + 1;
        }

        return $number - 1;
    }

    private static function letters(int $column): string
    {
        $letters = '';
        for ($number = $column + 1; $number > 0; $number = intdiv($number - 1, self::LETTERS)) {
            $letters = chr(self::CODE_OF_A + ($number - 1) % self::LETTERS).$letters;
        }

        return $letters;
    }

    /**
     * @param list<\stdClass> $all
     *
     * @return list<string>
     */
    private static function ids(array $all): array
    {
        return array_map(static fn (\stdClass $one): string => Json::text($one, 'id'), $all);
    }
}
