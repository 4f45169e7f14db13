<?php

declare(strict_types=1);

namespace Lupine\Core\Figures;

use Brick\Math\BigRational;
use Lupine\Core\Piece\Row;
use Lupine\Core\Piece\Table;
use Lupine\Core\Problem;
use Lupine\Core\Repair;

/**
 * Figures that look like slips of the hand. They are pointed out, with ways to mend them, and never stand in the way.
 *
 * What looks like one is common practice, no source: a figure with one digit more than all others and in their midst
 * without it; a share over 100 %; percentages that come to nearly 100; `1.248` among whole numbers.
 */
final readonly class Slips
{
    /** how many times the largest of the others a figure must be to look like one with a digit too many */
    private const FAR = 4.0;
    /** how far from 100 a sum still looks like one of percentages, and how near it is right */
    private const AROUND = 12.0;
    private const ROUNDED = 0.6;

    /** @var list<float> the filled cells without their signs */
    private array $amounts;

    /** @var array<int, float> those above zero, the smallest first, by their places */
    private array $sizes;

    /** @param list<array{Row, int, string, CellNumber}> $filled row, its number from 1, what was typed, its value */
    private function __construct(private array $filled)
    {
        $amounts = array_map(static fn (array $one): float => abs($one[3]->value->toFloat()), $filled);
        $sizes = array_filter($amounts, static fn (float $amount): bool => $amount > 0.0);
        asort($sizes);
        [$this->amounts, $this->sizes] = [$amounts, $sizes];
    }

    /**
     * @param list<CellNumber> $cells one for each row
     *
     * @return list<Problem>
     */
    public static function inCells(Table $table, string $columnId, array $cells): array
    {
        $column = $table->columnIndex($columnId);
        $filled = [];
        foreach ($table->rows as $number => $row) {
            $typed = trim($row->cells[$column] ?? '');
            if ($typed !== '' && !$cells[$number]->isRest) {
                $filled[] = [$row, $number + 1, $typed, $cells[$number]];
            }
        }
        $slips = new self($filled);
        $found = [];
        foreach (array_keys($filled) as $place) {
            [$row, , $typed] = $filled[$place];
            if ($row->sure === $typed) {
                continue;
            }
            $problem = $slips->digitTooMany($place) ?? $slips->pointOrGroup($place);
            if ($problem !== null) {
                $found[] = $problem;
            }
        }

        return $found;
    }

    /**
     * Shares over 100 %, and percentages that come to nearly 100.
     *
     * @param list<CellNumber> $cells one for each row
     * @param bool $isWhole whether the table says what the whole is
     *
     * @return list<Problem>
     */
    public static function inShares(Table $table, string $columnId, array $cells, bool $isWhole): array
    {
        $column = $table->columnIndex($columnId);
        $count = 0;
        $largest = 0.0;
        $isMarked = false;
        foreach ($cells as $number => $cell) {
            if ($cell->isRest) {
                return [];
            }
            $typed = trim($table->rows[$number]->cells[$column] ?? '');
            if ($cell->unit === '%' && $cell->value->toFloat() > 100) {
                return [self::overHundred($table->rows[$number], $number + 1, $typed, $cell)];
            }
            $isMarked = $isMarked || $cell->unit === '%';
            $count += $cell->value->isZero() ? 0 : 1;
            $largest = max($largest, $cell->value->toFloat());
        }
        $sum = Exact::sum(array_column($cells, 'value'));
        $off = abs($sum->toFloat() - 100);
        // Counts that happen to come to nearly a hundred are mostly whole and few; they are asked about all the same.
        $isNear = $count >= 3 && $largest <= 100 && $off <= self::AROUND && $off > self::ROUNDED;
        if ($isWhole || !$isNear && !($isMarked && $count >= 2 && $off > self::ROUNDED && $sum->toFloat() < 100)) {
            return [];
        }
        if ($sum->isGreaterThan(100) && $isMarked) {
            return [];
        }

        return [self::sumNearHundred($table, $columnId, $sum, $isMarked)];
    }

    /** The size of the first of all, or of the second where the first is this one itself; from the end: below zero. */
    private function other(int $place, int $first, int $second): float
    {
        $places = array_slice(array_keys($this->sizes), min($first, $second), 2);
        $wanted = $first < 0 ? array_reverse($places) : $places;

        return $this->sizes[$wanted[0] === $place ? $wanted[1] : $wanted[0]];
    }

    private function digitTooMany(int $place): ?Problem
    {
        [$row, $number, $typed, $cell] = $this->filled[$place];
        $value = $this->amounts[$place];
        $others = count($this->sizes) - (isset($this->sizes[$place]) ? 1 : 0);
        if ($others < 2 || CellNumber::isWorkedOut($typed)) {
            return null;
        }
        [$least, $most] = [$this->other($place, 0, 1), $this->other($place, -1, -2)];
        $tenth = $value / 10;
        if ($value < self::FAR * $most || $tenth < $least / 2 || $tenth > $most * 2) {
            return null;
        }
        $mended = self::withoutADigit($typed, $cell);

        return Problem::notice(
            'tenfold',
            'row '.$number,
            sprintf(
                'Row %d, “%s”: %s is about ten times the others. Is there an extra digit?',
                $number,
                $row->label,
                $typed,
            ),
            $row->id,
            [
                Repair::cells(sprintf('Change to %s', $mended), [$row->id => $mended]),
                Repair::sure(sprintf('Keep %s', $typed), $row->id),
            ],
        );
    }

    /** `1.248` among whole numbers. */
    private function pointOrGroup(int $place): ?Problem
    {
        [$row, $number, $typed] = $this->filled[$place];
        if (preg_match('/^\D*(\d{1,3})\.(\d{3})\D*$/u', $typed, $digits) !== 1 || count($this->filled) < 2) {
            return null;
        }
        foreach ($this->filled as $at => [, , $other]) {
            if ($at !== $place && preg_match('/\d\.\d/', $other) === 1) {
                return null;
            }
        }
        $whole = str_replace($digits[1].'.'.$digits[2], $digits[1].$digits[2], $typed);

        return Problem::notice(
            'point-or-group',
            'row '.$number,
            sprintf(
                'Row %d, “%s”: does %s mean slightly more than %s, or %s?',
                $number,
                $row->label,
                $typed,
                $digits[1],
                number_format((float) ($digits[1].$digits[2])),
            ),
            $row->id,
            [
                Repair::cells(sprintf('Change to %s', $whole), [$row->id => $whole]),
                Repair::sure(sprintf('Slightly more than %s', $digits[1]), $row->id),
            ],
        );
    }

    private static function overHundred(Row $row, int $number, string $typed, CellNumber $cell): Problem
    {
        $mended = self::withoutADigit($typed, $cell);

        return Problem::notice(
            'over-hundred',
            'row '.$number,
            sprintf('Row %d, “%s”: %s is more than the whole.', $number, $row->label, $typed),
            $row->id,
            [Repair::cells(sprintf('Change to %s', $mended), [$row->id => $mended])],
        );
    }

    private static function sumNearHundred(Table $table, string $columnId, BigRational $sum, bool $isMarked): Problem
    {
        $total = rtrim(rtrim(number_format($sum->toFloat(), 2, '.', ''), '0'), '.');
        $repairs = $sum->isLessThan(100) ? [Repair::rest('Add a “rest” row', '100')] : [];
        $repairs[] = MendSum::repair('Scale to 100', $table, MendSum::scaled($table, $columnId), $columnId);
        $repairs[] = $isMarked
            ? Repair::whole('Leave the gap', '100')
            : Repair::whole(sprintf('Set the whole to %s', $total), $total);

        return Problem::notice(
            'near-hundred',
            'the sheet',
            sprintf(
                $isMarked
                    ? 'The percentages add up to %s, which leaves a gap in the whole.'
                    : 'These look like percentages, but they add up to %s.',
                $total,
            ),
            null,
            $repairs,
        );
    }

    /** `4510` without its last nought, or a tenth of `4512`. */
    private static function withoutADigit(string $typed, CellNumber $cell): string
    {
        if (preg_match('/^(\D*\d+)0(\D*)$/u', $typed, $parts) === 1) {
            return $parts[1].$parts[2];
        }
        $tenth = rtrim(rtrim(number_format($cell->value->toFloat() / 10, $cell->decimals + 1, '.', ''), '0'), '.');

        return (string) preg_replace('/\d[\d.,\' ]*/u', $tenth.($cell->unit === '%' ? ' ' : ''), $typed, 1);
    }
}
