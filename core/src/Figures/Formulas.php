<?php

declare(strict_types=1);

namespace Lupine\Core\Figures;

use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use Lupine\Core\Piece\Row;
use Lupine\Core\Piece\Table;

/**
 * The formulas of a table, worked out. Columns are named by letters, A are the labels; rows are numbered as in a
 * spreadsheet, 1 are the heads.
 */
final class Formulas
{
    /** decimals up to which a result is written as a decimal number, where it is one */
    private const DECIMALS = 6;

    /** @var array<string, CellNumber|NotANumber|null> what was found, by column and row; null while it is looked for */
    private array $found = [];

    private function __construct(private readonly Table $table)
    {
    }

    /** The same table with a number, or with what is wrong, in place of each formula. */
    public static function worked(Table $table): Table
    {
        $formulas = new self($table);
        $rows = [];
        $hasOne = false;
        foreach ($table->rows as $place => $row) {
            $cells = [];
            foreach ($row->cells as $column => $typed) {
                if (str_contains($typed, '=') && Formula::isOne($typed)) {
                    $cells[$column] = $formulas->written($column, $place);
                }
            }
            $hasOne = $hasOne || $cells !== [];
            $all = array_values(array_replace($row->cells, $cells));
            $rows[] = $cells === [] ? $row : new Row($row->id, $row->label, $all, $row->sure, $row->group);
        }
        $whole = $table->whole !== null && Formula::isOne($table->whole)
            ? $formulas->writtenOf($table->whole)
            : $table->whole;

        return !$hasOne && $whole === $table->whole ? $table : $table->withRows($rows)->withWhole($whole);
    }

    /**
     * What the formulas of a table come to, as it is shown; what is wrong with one is left out.
     *
     * @return array<string, array<string, string>> by row and column id
     */
    public static function shown(Table $table): array
    {
        $worked = self::worked($table);
        $shown = [];
        foreach ($worked === $table ? [] : $worked->rows as $place => $row) {
            foreach ($row->cells as $column => $text) {
                if ($text !== $table->rows[$place]->cells[$column] && !str_starts_with($text, CellNumber::WRONG)) {
                    $cell = CellNumber::read($text);
                    $number = (string) $cell->value->toScale($cell->decimals, RoundingMode::HALF_UP);
                    $shown[$row->id][$table->columns[$column]->id] = CellNumber::withUnit($number, $cell->unit);
                }
            }
        }

        return $shown;
    }

    private function written(int $column, int $place): string
    {
        $cell = $this->cell($column, $place);

        return $cell instanceof NotANumber ? CellNumber::WRONG.$cell->getMessage() : self::text($cell);
    }

    private function writtenOf(string $typed): string
    {
        try {
            return self::text($this->value($typed));
        } catch (NotANumber $reason) {
            return CellNumber::WRONG.$reason->getMessage();
        }
    }

    /** What a cell says, or why it says nothing. */
    private function cell(int $column, int $place): CellNumber|NotANumber
    {
        $key = $column.' '.$place;
        if (array_key_exists($key, $this->found)) {
            return $this->found[$key] ?? new NotANumber(sprintf(
                'The formula in %s refers to itself.',
                self::name($column, $place),
            ));
        }
        $this->found[$key] = null;
        $typed = $this->table->rows[$place]->cells[$column];
        try {
            $found = Formula::isOne($typed) ? $this->value($typed) : CellNumber::read($typed);
        } catch (NotANumber $reason) {
            $found = $reason;
        }

        return $this->found[$key] = $found;
    }

    /** @throws NotANumber */
    private function value(string $typed): CellNumber
    {
        $units = [];
        $decimals = 0;
        $value = Formula::evaluate($typed, function (int $column, int $row) use (
            $typed,
            &$units,
            &$decimals,
        ): ?BigRational {
            // One row are the heads, one column the labels.
            [$column, $place] = [$column - 1, $row - 1];
            if ($column === -1 || $place === -1) {
                throw new NotANumber(
                    sprintf('“%s”: %s contains text, not a number.', trim($typed), self::name($column, $place)),
                );
            }
            if (!isset($this->table->rows[$place]->cells[$column])) {
                throw new NotANumber(sprintf(
                    '“%s”: there is no cell %s.',
                    trim($typed),
                    self::name($column, $place),
                ));
            }
            if (trim($this->table->rows[$place]->cells[$column]) === '') {
                return null;
            }
            $cell = $this->cell($column, $place);
            if ($cell instanceof NotANumber) {
                throw $cell;
            }
            if ($cell->isRest) {
                throw new NotANumber(sprintf(
                    '“%s”: %s is the “rest” cell, so a formula cannot use it.',
                    trim($typed),
                    self::name($column, $place),
                ));
            }
            $units[$cell->unit] = true;
            $decimals = max($decimals, $cell->decimals);

            return $cell->value;
        });
        // Sums of percentages are percentages; their products are not.
        $unit = count($units) === 1 && preg_match('/[*\/^×÷]|COUNT|PRODUCT/i', $typed) !== 1
            ? (string) array_key_first($units)
            : '';

        return CellNumber::worked($value, $unit, $decimals);
    }

    private static function text(CellNumber $cell): string
    {
        for ($decimals = $cell->decimals; $decimals <= max($cell->decimals, self::DECIMALS); ++$decimals) {
            $written = $cell->value->toScale($decimals, RoundingMode::HALF_UP);
            if ($written->isEqualTo($cell->value)) {
                return '='.CellNumber::withUnit((string) $written, $cell->unit);
            }
        }

        return '='.CellNumber::withUnit((string) $cell->value, $cell->unit);
    }

    /** Where a cell is in the sheet: the first column of figures is B, the first row 2. */
    private static function name(int $column, int $place): string
    {
        $letters = '';
        for ($number = $column + 2; $number > 0; $number = intdiv($number - 1, 26)) {
            $letters = chr(65 + ($number - 1) % 26).$letters;
        }

        return $letters.($place + 2);
    }
}
