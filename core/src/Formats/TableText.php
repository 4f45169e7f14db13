<?php

declare(strict_types=1);

namespace Lupine\Core\Formats;

use Lupine\Core\Figures\ImpossibleFigures;
use Lupine\Core\Figures\NumberStyle;
use Lupine\Core\Import\Choices;
use Lupine\Core\Import\Grid;
use Lupine\Core\Import\GridBuilder;
use Lupine\Core\Import\Taken;
use Lupine\Core\Import\Taking;
use Lupine\Core\Import\UnreadableFile;
use Lupine\Core\Piece\Table;
use Lupine\Core\Settings\PlainText;

/**
 * Reads a table as it is pasted or comes in a CSV or TSV file: comma, semicolon, tab or bar between fields (found
 * out), quoted fields with line breaks and doubled quotes (RFC 4180), a heading row or none, a byte-order mark.
 */
final readonly class TableText
{
    public const MAX_BYTES = 1_000_000;

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
     * @param NumberStyle|null $numbers how numbers are written, where somebody has said so
     *
     * @throws ImpossibleFigures where there is no number in it, or it is larger than Lupine takes
     */
    public static function understood(string $text, string $tableId = 't1', ?NumberStyle $numbers = null): Taken
    {
        if (strlen($text) > self::MAX_BYTES) {
            throw new ImpossibleFigures(
                sprintf(
                    'This table is %.1f MB; the limit for pasting is 1 MB. Paste only the rows you need, or drop it as a file.',
                    strlen($text) / 1e6,
                ),
                'the table',
            );
        }

        return Taking::from(self::grid($text, ''), Choices::ofPaste($numbers), $tableId);
    }

    /**
     * The records, those that are empty as well, so that a row has the number that it has in the text.
     *
     * @param string $name of the grid
     *
     * @throws UnreadableFile where it holds more than is read
     */
    public static function grid(string $text, string $name): Grid
    {
        $text = PlainText::writable((string) preg_replace('/^\xEF\xBB\xBF/', '', $text));
        $text = rtrim(str_replace(["\r\n", "\r"], "\n", $text), "\n");
        $text = self::withoutBars($text);
        $separator = self::separator($text);
        $grid = new GridBuilder($name);
        $count = 0;
        foreach (self::records($text, $separator) as $record) {
            $grid->put($count++, $record);
            if ($grid->isFull()) {
                break;
            }
        }

        return $grid->grid($name, null);
    }

    /** Lines that begin and end with a bar, as in Markdown: those bars divide nothing, nor does a line of dashes. */
    private static function withoutBars(string $text): string
    {
        // A line that begins or ends otherwise is enough to know.
        if ($text === '' || preg_match('/^[ \t]*+[^|\s]|[^|\s][ \t]*+$/m', $text) !== 0) {
            return $text;
        }
        $text = (string) preg_replace('/^[ \t]*\|[ \t]*|[ \t]*\|[ \t]*$/m', '', $text);

        return (string) preg_replace('/^[ \t|:-]*-{2,}[ \t|:-]*(\n|$)/mD', '', $text);
    }

    /** @return iterable<list<string>> */
    private static function records(string $text, string $separator): iterable
    {
        if ($separator === self::NO_SEPARATOR) {
            return self::labelsThenNumbers($text);
        }
        if ($separator !== self::WIDE) {
            return DelimitedText::records($text, $separator, GridBuilder::MOST_COLUMNS);
        }
        // Two blanks or more, as one sign that cannot be in the text; what quotes enclose gets its blanks back.
        $marked = (string) preg_replace('/ {2,}/', self::UNIT, $text);
        $again = static fn (string $field): string => str_replace(self::UNIT, '  ', $field);

        return (static function () use ($marked, $again): \Generator {
            foreach (DelimitedText::records($marked, self::UNIT, GridBuilder::MOST_COLUMNS) as $record) {
                yield array_map($again, $record);
            }
        })();
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
            yield strlen($line) < 5 * Taking::MAX_FIELD
            && preg_match(
                '/^(.*?\S)[\s:=]\s*((?:[€$£¥]\s*)?[-−(]?\d[\d.,\'’]*(?:\s*[+*\/×÷−-]\s*[\d.,]+)*\)?\s*[%€$£¥]?|(?:the )?rest)$/iuD',
                $line,
                $found,
            ) === 1
                ? [rtrim($found[1], " \t:="), $found[2]]
                : [$line];
        }
    }
}
