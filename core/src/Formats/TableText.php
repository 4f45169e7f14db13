<?php

declare(strict_types=1);

namespace Lupine\Core\Formats;

use Lupine\Core\Figures\CellNumber;
use Lupine\Core\Figures\ImpossibleFigures;
use Lupine\Core\Figures\NotANumber;
use Lupine\Core\Figures\NumberStyle;
use Lupine\Core\Piece\Column;
use Lupine\Core\Piece\Row;
use Lupine\Core\Piece\Table;

/**
 * Reads a table as it is pasted or comes in a CSV or TSV file: comma, semicolon, tab or bar between fields (found
 * out), quoted fields with line breaks and doubled quotes (RFC 4180), a heading row or none, a byte-order mark.
 */
final readonly class TableText
{
    public const MAX_BYTES = 1_000_000;
    public const MAX_ROWS = 200;
    public const MAX_COLUMNS = 60;

    private const NO_SEPARATOR = '';

    /**
     * @throws ImpossibleFigures where there is no number in it, or it is larger than Lupine takes
     */
    public static function read(string $text, string $tableId = 't1'): Table
    {
        if (strlen($text) > self::MAX_BYTES) {
            throw new ImpossibleFigures(
                sprintf(
                    'This table is %.1f MB; Lupine takes up to 1 MB. Keep only the rows that the chart shows.',
                    strlen($text) / 1e6,
                ),
                'the table',
            );
        }
        $records = self::records($text);
        if ($records === []) {
            throw new ImpossibleFigures('The table is empty. Paste rows with a label and a number each.', 'the table');
        }
        $width = max(array_map('count', $records));
        if ($width > self::MAX_COLUMNS) {
            throw new ImpossibleFigures(
                sprintf('The table has %d columns; Lupine takes up to %d.', $width, self::MAX_COLUMNS),
                'the table',
            );
        }
        $records = array_map(static fn (array $record): array => array_pad($record, $width, ''), $records);
        $style = NumberStyle::detect(self::numberTexts($records));
        $heading = self::hasHeading($records, $style) ? array_shift($records) : null;
        if (count($records) > self::MAX_ROWS) {
            throw new ImpossibleFigures(
                sprintf(
                    'The table has %s rows; Lupine takes up to %d, and a chart reads best with about five. Keep the rows that the film speaks of.',
                    number_format(count($records)),
                    self::MAX_ROWS,
                ),
                'the table',
            );
        }
        $numeric = self::numericColumns($records, $style, $width);
        if ($numeric === []) {
            throw self::noNumber($records);
        }
        $labelColumn = self::labelColumn($numeric, $width);
        $rows = [];
        foreach ($records as $number => $record) {
            $cells = [];
            foreach ($numeric as $column) {
                $cells[] = self::cell($record[$column], $style);
            }
            $rows[] = new Row(
                'r'.($number + 1),
                $labelColumn === null ? 'Row '.($number + 1) : trim($record[$labelColumn]),
                $cells,
            );
        }
        $columns = [];
        foreach ($numeric as $number => $column) {
            $name = trim($heading[$column] ?? '');
            $columns[] = new Column(
                'c'.($number + 1),
                $name !== '' ? $name : (count($numeric) === 1 ? 'Value' : 'Value '.($number + 1)),
            );
        }

        return new Table($tableId, trim($heading[$labelColumn ?? -1] ?? ''), $columns, $rows, null, null);
    }

    /** @return list<list<string>> records that have something in them */
    private static function records(string $text): array
    {
        if (!mb_check_encoding($text, 'UTF-8')) {
            $text = mb_convert_encoding($text, 'UTF-8', 'Windows-1252');
        }
        $text = str_replace(["\r\n", "\r"], "\n", (string) preg_replace('/^\x{FEFF}/u', '', $text));
        $separator = self::separator($text);
        $records = [];
        if ($separator === self::NO_SEPARATOR) {
            return self::labelsThenNumbers($text);
        }
        foreach (self::split($text, $separator) as $fields) {
            if (trim(implode('', $fields)) !== '') {
                $records[] = $fields;
            }
        }

        return $records;
    }

    /** @return list<list<string>> */
    private static function split(string $text, string $separator): array
    {
        $field =
            $separator === '  '
                ? '/("(?:[^"]|"")*"|(?:(?! {2,}|\n).)*)( {2,}|\n|$)/u'
                : '/[ ]*("(?:[^"]|"")*"[ ]*|[^'.
                    preg_quote($separator, '/').
                    '\n]*)('.
                    preg_quote($separator, '/').
                    '|\n|$)/u';
        preg_match_all($field, $text, $found, PREG_SET_ORDER);
        $records = [];
        $record = [];
        foreach ($found as [, $value, $end]) {
            $value = trim($value);
            $record[] = str_starts_with($value, '"') ? str_replace('""', '"', substr($value, 1, -1)) : $value;
            if ($end === "\n" || $end === '') {
                $records[] = $record;
                $record = [];
            }
        }

        return $records;
    }

    /** The separator that divides most lines into the same number of fields, at least two. */
    private static function separator(string $text): string
    {
        $sample = array_slice(
            array_values(
                array_filter(
                    explode("\n", (string) preg_replace('/"(?:[^"]|"")*"/', '""', $text)),
                    static fn (string $line): bool => trim($line) !== '',
                ),
            ),
            0,
            60,
        );
        foreach (["\t", ';', '|'] as $candidate) {
            $with = array_filter($sample, static fn (string $line): bool => str_contains($line, $candidate));
            if (count($with) * 2 > count($sample)) {
                return $candidate;
            }
        }
        $counts = array_count_values(
            array_map(
                static fn (string $line): int => preg_match_all('/,(?!\d{3}(\D|$))|,(?=\S*,)|(?<=[^\d]),/', $line) > 0
                    ? substr_count($line, ',')
                    : 0,
                $sample,
            ),
        );
        unset($counts[0]);
        if ($counts !== [] && array_sum($counts) * 2 > count($sample)) {
            return ',';
        }
        $wide = array_filter($sample, static fn (string $line): bool => preg_match('/\S {2,}\S/', $line) === 1);

        return count($wide) * 2 > count($sample) ? '  ' : (self::withoutComma($sample) ? self::NO_SEPARATOR : ',');
    }

    /** @param list<string> $lines */
    private static function withoutComma(array $lines): bool
    {
        return array_filter($lines, static fn (string $line): bool => preg_match('/,(?!\d)/', $line) === 1) === [];
    }

    /**
     * Lines as people write them in a script: a label, a space or a colon, a number.
     *
     * @return list<list<string>>
     */
    private static function labelsThenNumbers(string $text): array
    {
        $records = [];
        foreach (explode("\n", $text) as $line) {
            if (trim($line) === '') {
                continue;
            }
            $records[] =
                preg_match(
                    '/^\s*(.*?\S)\s*[\s:=]\s*((?:[€$£¥]\s*)?[-−(]?\d[\d.,\'’]*(?:\s*[+*\/×÷−-]\s*[\d.,]+)*\)?\s*[%€$£¥]?|(?:the )?rest)\s*$/iu',
                    $line,
                    $found,
                ) === 1
                    ? [$found[1], $found[2]]
                    : [trim($line)];
        }

        return $records;
    }

    /**
     * @param list<list<string>> $records
     *
     * @return \Generator<string>
     */
    private static function numberTexts(array $records): \Generator
    {
        foreach ($records as $record) {
            foreach ($record as $field) {
                if (preg_match('/^[^\p{L}]*\d[\d.,\'’\s]*[^\p{L}]*$/u', $field) === 1) {
                    yield trim($field);
                }
            }
        }
    }

    private static function isNumber(string $field, NumberStyle $style): bool
    {
        try {
            CellNumber::read($field, $style);

            return true;
        } catch (NotANumber) {
            return false;
        }
    }

    /** @param list<list<string>> $records */
    private static function hasHeading(array $records, NumberStyle $style): bool
    {
        if (count($records) < 2) {
            return false;
        }
        $below = false;
        foreach ($records[0] as $column => $field) {
            if (
                $column > 0
                && self::isNumber($field, $style)
                && preg_match('/^\s*(1[5-9]|2[01])\d\d\s*$/', $field) !== 1
            ) {
                return false;
            }
            $below = $below || ($column > 0 && self::isNumber($records[1][$column], $style));
        }

        return $below && (!self::isNumber($records[0][0], $style) || count($records[0]) > 1);
    }

    /**
     * @param list<list<string>> $records
     *
     * @return list<int> columns in which at least half of the filled cells are numbers
     */
    private static function numericColumns(array $records, NumberStyle $style, int $width): array
    {
        $numeric = [];
        for ($column = $width === 1 ? 0 : 1; $column < $width; ++$column) {
            $filled = array_filter(
                array_column($records, $column),
                static fn (string $field): bool => trim($field) !== '',
            );
            $numbers = array_filter($filled, static fn (string $field): bool => self::isNumber($field, $style));
            if ($numbers !== [] && count($numbers) * 2 >= count($filled)) {
                $numeric[] = $column;
            }
        }
        $first = array_column($records, 0);
        if (
            $numeric === []
            && $width > 1
            && count(array_filter($first, static fn (string $field): bool => self::isNumber($field, $style))) * 2 >=
                count($first)
        ) {
            return [0];
        }

        return $numeric;
    }

    /** @param list<int> $numeric */
    private static function labelColumn(array $numeric, int $width): ?int
    {
        foreach (range(0, $width - 1) as $column) {
            if (!in_array($column, $numeric, true)) {
                return $column;
            }
        }

        return null;
    }

    /** A field that is no number stays as it was typed, so that nothing is lost and the sheet can point at it. */
    private static function cell(string $field, NumberStyle $style): string
    {
        return self::isNumber($field, $style) ? CellNumber::normalised($field, $style) : trim($field);
    }

    /** @param list<list<string>> $records */
    private static function noNumber(array $records): ImpossibleFigures
    {
        return new ImpossibleFigures(
            sprintf(
                'There is no column of numbers in this table. Row 1 reads “%s”: put a label first and a number after it, with a tab, a comma or a semicolon between.',
                mb_substr(implode(' | ', $records[0]), 0, 60),
            ),
            'row 1',
        );
    }
}
