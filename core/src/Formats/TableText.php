<?php

declare(strict_types=1);

namespace Lupine\Core\Formats;

use Lupine\Core\Figures\CellNumber;
use Lupine\Core\Figures\ImpossibleFigures;
use Lupine\Core\Figures\NotANumber;
use Lupine\Core\Figures\NumberStyle;
use Lupine\Core\Piece\Column;
use Lupine\Core\Piece\PlainText;
use Lupine\Core\Piece\Row;
use Lupine\Core\Piece\Table;

/**
 * Reads a table as it is pasted or comes in a CSV or TSV file: comma, semicolon, tab or bar between fields (found
 * out), quoted fields with line breaks and doubled quotes (RFC 4180), a heading row or none, a byte-order mark.
 */
final readonly class TableText
{
    public const MAX_BYTES = 1_000_000;
    public const MAX_ROWS = 1000;
    public const MAX_COLUMNS = 60;

    public const MAX_FIELD = 200;

    private const NO_SEPARATOR = '';
    private const WIDE = '  ';
    /** "unit separator", which no text that was read can still hold */
    private const UNIT = "\x1F";
    /** bytes from the beginning that are looked at to find the separator */
    private const SAMPLE = 20_000;

    /**
     * @throws ImpossibleFigures where there is no number in it, or it is larger than Lupine takes
     */
    public static function read(string $text, string $tableId = 't1'): Table
    {
        return self::understood($text, $tableId)->table;
    }

    /**
     * @throws ImpossibleFigures where there is no number in it, or it is larger than Lupine takes
     */
    public static function understood(string $text, string $tableId = 't1'): UnderstoodTable
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
        [$records, $count] = self::firstRecords($text);
        if ($records === []) {
            throw new ImpossibleFigures('The table is empty. Paste rows with a label and a number each.', 'the table');
        }
        $width = max(array_map('count', $records));
        if ($width > self::MAX_COLUMNS) {
            throw new ImpossibleFigures(
                sprintf('The table has %s columns; Lupine takes up to %d.', number_format($width), self::MAX_COLUMNS),
                'the table',
            );
        }
        $records = array_map(static fn (array $record): array => array_pad($record, $width, ''), $records);
        $style = NumberStyle::detect(self::numberTexts($records));
        $heading = self::hasHeading($records, $style) ? array_shift($records) : null;
        if ($count - ($heading === null ? 0 : 1) > self::MAX_ROWS) {
            throw new ImpossibleFigures(
                sprintf(
                    'The table has %s rows; Lupine takes up to %s, and a chart reads best with about five. Keep the rows that the film speaks of.',
                    number_format($count - ($heading === null ? 0 : 1)),
                    number_format(self::MAX_ROWS),
                ),
                'the table',
            );
        }
        $numeric = self::numericColumns($records, $style, $width);
        if ($numeric === []) {
            throw self::noNumber($records);
        }
        $labelColumn = self::labelColumn($numeric, $width);
        self::checkLengths(
            $records,
            [...$numeric, ...$labelColumn === null ? [] : [$labelColumn]],
            $heading === null ? 1 : 2,
        );
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
            $name = mb_substr(trim($heading[$column] ?? ''), 0, self::MAX_FIELD);
            $columns[] = new Column(
                'c'.($number + 1),
                $name !== '' ? $name : (count($numeric) === 1 ? 'Value' : 'Value '.($number + 1)),
            );
        }

        $name = mb_substr(trim($heading[$labelColumn ?? -1] ?? ''), 0, self::MAX_FIELD);

        $table = new Table($tableId, $name, $columns, $rows, null, null);

        return new UnderstoodTable($table, $labelColumn !== null);
    }

    /**
     * The records that have something in them, as many as can be a table, and how many there are in all.
     *
     * @return array{list<list<string>>, int}
     */
    private static function firstRecords(string $text): array
    {
        $text = PlainText::writable((string) preg_replace('/^\xEF\xBB\xBF/', '', $text));
        $text = str_replace(["\r\n", "\r"], "\n", $text);
        $separator = self::separator($text);
        $first = [];
        $count = 0;
        foreach (self::records($text, $separator) as $record) {
            if (trim(implode('', $record)) !== '') {
                ++$count;
                if ($count <= self::MAX_ROWS + 1) {
                    $first[] = $record;
                }
            }
        }

        return [$first, $count];
    }

    /** @return iterable<list<string>> */
    private static function records(string $text, string $separator): iterable
    {
        if ($separator === self::NO_SEPARATOR) {
            return self::labelsThenNumbers($text);
        }
        if ($separator !== self::WIDE) {
            return DelimitedText::records($text, $separator);
        }
        // Two blanks or more, as one sign that cannot be in the text; what quotes enclose gets its blanks back.
        $marked = (string) preg_replace('/ {2,}/', self::UNIT, $text);
        $again = static fn (string $field): string => str_replace(self::UNIT, '  ', $field);

        return (static function () use ($marked, $again): \Generator {
            foreach (DelimitedText::records($marked, self::UNIT) as $record) {
                yield array_map($again, $record);
            }
        })();
    }

    /**
     * @param list<list<string>> $records
     * @param list<int> $columns those that are kept
     *
     * @throws ImpossibleFigures where a field is longer than a label or a cell can be
     */
    private static function checkLengths(array $records, array $columns, int $firstRow): void
    {
        foreach ($records as $number => $record) {
            foreach ($columns as $column) {
                $field = $record[$column];
                if (mb_strlen($field) > self::MAX_FIELD) {
                    throw new ImpossibleFigures(
                        sprintf(
                            'Row %d has a cell of %s characters, “%s…”; %d are the limit. Is there a quote too many before it?',
                            $number + $firstRow,
                            number_format(mb_strlen($field)),
                            mb_substr($field, 0, 40),
                            self::MAX_FIELD,
                        ),
                        'row '.($number + $firstRow),
                    );
                }
            }
        }
    }

    /** The separator that divides most lines into the same number of fields, at least two. */
    private static function separator(string $text): string
    {
        // Of a text that is longer than the sample the last line is cut short, and counts for nothing.
        $whole = strlen($text) <= self::SAMPLE;
        $begin = (string) preg_replace('/"(?:[^"]++|"")*+"/', '""', substr($text, 0, self::SAMPLE));
        $lines = array_filter(explode("\n", $begin), static fn (string $line): bool => trim($line) !== '');
        $sample = array_slice($lines, 0, $whole || count($lines) === 1 ? 60 : min(60, count($lines) - 1));
        foreach (["\t", ';', '|'] as $candidate) {
            $with = array_filter($sample, static fn (string $line): bool => str_contains($line, $candidate));
            if (count($with) * 2 > count($sample)) {
                return $candidate;
            }
        }
        $counts = array_count_values(
            array_map(
                static fn (string $line): int => preg_match('/,(?!\d{3}(\D|$))|,\S*,|(?<=\D),/', $line) === 1
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
     * @return \Generator<list<string>>
     */
    private static function labelsThenNumbers(string $text): \Generator
    {
        for ($at = 0, $length = strlen($text); $at < $length; ++$at) {
            $end = $at + strcspn($text, "\n", $at);
            $line = trim(substr($text, $at, $end - $at));
            $at = $end;
            // A line that is longer than a label and a number can be is no such line.
            yield strlen($line) < 5 * self::MAX_FIELD
            && preg_match(
                '/^(.*?\S)[\s:=]\s*((?:[€$£¥]\s*)?[-−(]?\d[\d.,\'’]*(?:\s*[+*\/×÷−-]\s*[\d.,]+)*\)?\s*[%€$£¥]?|(?:the )?rest)$/iuD',
                $line,
                $found,
            ) === 1
                ? [rtrim($found[1], " \t:="), $found[2]]
                : [$line];
        }
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
                $short = strlen($field) <= self::MAX_FIELD;
                if ($short && preg_match('/^[^\p{L}]*\d[\d.,\'’\s]*[^\p{L}]*$/u', $field) === 1) {
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
                && preg_match('/^\s*(1[5-9]|2[01])\d\d\s*$/D', $field) !== 1
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
        // Where there is more than one row, the first may be a heading, which has no number by right.
        $row = count($records) > 1 ? 1 : 0;

        return new ImpossibleFigures(
            sprintf(
                'No row of this table has a number. Row %d reads “%s”: put a label first and a number after it, with a tab, a comma or a semicolon between.',
                $row + 1,
                mb_strimwidth(
                    implode(' | ', array_filter($records[$row], static fn (string $field): bool => $field !== '')),
                    0,
                    60,
                    '…',
                ),
            ),
            'row '.($row + 1),
        );
    }
}
