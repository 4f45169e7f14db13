<?php

declare(strict_types=1);

namespace Lupine\Core\Formats;

/**
 * Text whose fields are divided by one separator, as RFC 4180 describes it, read in one pass.
 *
 * A field that a pair of quotes encloses may hold the separator, line breaks and doubled quotes. Quotes that do not
 * enclose their field are signs like any other, so that `"Kettles" and pans` keeps its own. (PHP's own reader takes
 * them away, and reads from streams, which core does not have; a test compares the two where the quotes enclose.)
 */
final readonly class DelimitedText
{
    /**
     * @param string $text UTF-8 with line feeds alone
     * @param string $separator one byte
     * @param int $most fields of a record that are read; where it has more, one more is, and its line is left there
     *
     * @return \Generator<list<string>> records of fields, without the blanks around them
     */
    public static function records(string $text, string $separator, int $most = PHP_INT_MAX): \Generator
    {
        $record = [];
        $length = strlen($text);
        $ends = $separator."\n";
        for ($at = 0; $at <= $length; ++$at) {
            $begin = $at + strspn($text, ' ', $at);
            $close = ($text[$begin] ?? '') === '"' ? self::closingQuote($text, $begin, $ends) : null;
            if ($close === null) {
                $at += strcspn($text, $ends, $at);
                $record[] = trim(substr($text, $begin, max(0, $at - $begin)));
            } else {
                $record[] = str_replace('""', '"', substr($text, $begin + 1, $close - $begin - 1));
                $at = $close + 1 + strspn($text, ' ', $close + 1);
            }
            if (count($record) > $most) {
                $at += strcspn($text, "\n", $at);
            }
            if ($at >= $length || $text[$at] === "\n") {
                yield $record;
                $record = [];
            }
        }
    }

    /** Where the quote stands that closes the one at the beginning; null where the two do not enclose the field. */
    private static function closingQuote(string $text, int $begin, string $ends): ?int
    {
        $at = $begin;
        while (true) {
            $at = strpos($text, '"', $at + 1);
            if ($at === false) {
                return null;
            }
            if (($text[$at + 1] ?? '') !== '"') {
                $after = $text[$at + 1 + strspn($text, ' ', $at + 1)] ?? "\n";

                return str_contains($ends, $after) ? $at : null;
            }
            ++$at;
        }
    }
}
