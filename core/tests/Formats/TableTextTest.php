<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Formats;

use Lupine\Core\Figures\ImpossibleFigures;
use Lupine\Core\Formats\DelimitedText;
use Lupine\Core\Formats\TableText;
use Lupine\Core\Piece\Row;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class TableTextTest extends TestCase
{
    /** @return iterable<string, array{string, list<array{string, string}>}> */
    public static function tables(): iterable
    {
        yield 'tabs, with a heading' => ["What\tThings\nKettles\t12\nLamps\t7", [['Kettles', '12'], ['Lamps', '7']]];
        yield 'tabs, without' => ["Kettles\t12\nLamps\t7\n", [['Kettles', '12'], ['Lamps', '7']]];
        // RFC 4180, section 2, rules 5 to 7: fields in quotes may hold separators, line breaks and doubled quotes.
        yield 'RFC 4180' => [
            "name,things\r\n\"Lamps, and lights\",\"1,248\"\r\n\"The \"\"good\"\" chair\",5\r\n\"two\r\nlines\",3",
            [['Lamps, and lights', '1248'], ['The "good" chair', '5'], ["two\nlines", '3']],
        ];
        yield 'semicolons and decimal commas' => [
            "Winter;412,5\nSpring;1.638,25\nSummer;291,5",
            [['Winter', '412.5'], ['Spring', '1638.25'], ['Summer', '291.5']],
        ];
        yield 'a byte-order mark' => ["\u{FEFF}a,1\nb,2", [['a', '1'], ['b', '2']]];
        yield 'percentages and the rest' => [
            "Mended\t73 %\nBeyond us\trest",
            [['Mended', '73 %'], ['Beyond us', 'rest']],
        ];
        yield 'currency and thousands' => [
            "Parts,\"€1,200.50\"\nTools,€800",
            [['Parts', '€ 1200.50'], ['Tools', '€ 800']],
        ];
        yield 'empty and repeated labels' => ["\t5\nToys\t3\nToys\t4", [['', '5'], ['Toys', '3'], ['Toys', '4']]];
        yield 'quotes that do not enclose their field' => [
            "\"Kettles\" and pans,512\n\"Oma\" Café,5\nthe \"good\" chair,2",
            [['"Kettles" and pans', '512'], ['"Oma" Café', '5'], ['the "good" chair', '2']],
        ];
        yield 'a quote that is never closed' => ["\"Kettles,5\nLamps,6", [['"Kettles', '5'], ['Lamps', '6']]];
        yield 'letters that end in the byte of a blank' => ["Voilà,5\nÀ part,6", [['Voilà', '5'], ['À part', '6']]];
        yield 'signs that no picture can show' => [
            "Ke\u{1}tt\u{FFFE}les\t5\nLamps\t6",
            [['Kettles', '5'], ['Lamps', '6']],
        ];
        yield 'two blanks and more between' => [
            "Kettles   12\n\"Lamps  and lights\"  7",
            [['Kettles', '12'], ['Lamps  and lights', '7']],
        ];
        yield 'lines of a script' => [
            "Kettles 12\nLamps and lights 7",
            [['Kettles', '12'], ['Lamps and lights', '7']],
        ];
    }

    /** @param list<array{string, string}> $rows */
    #[DataProvider('tables')]
    public function testReadsWhatIsPasted(string $text, array $rows): void
    {
        $table = TableText::read($text);

        self::assertSame($rows, array_map(static fn (Row $row): array => [$row->label, $row->cells[0]], $table->rows));
    }

    /** @return iterable<string, array{string, string}> */
    public static function refused(): iterable
    {
        yield 'nothing' => [" \n ", 'empty'];
        yield 'no number' => ["a\tb\nc\td", 'number'];
        yield 'too large' => [str_repeat("a\t1\n", 300_000), '1 MB'];
        yield 'too many rows' => [str_repeat("a\t1\n", 5001), '5,000'];
        yield 'too many figures' => [str_repeat('a'.str_repeat("\t1", 120)."\n", 1000), '100,000 figures in total'];
        yield 'too wide' => [implode("\t", range(1, 300)), '240'];
    }

    #[DataProvider('refused')]
    public function testSaysWhatItCannotTake(string $text, string $reason): void
    {
        $this->expectException(ImpossibleFigures::class);
        $this->expectExceptionMessage($reason);

        TableText::read($text);
    }

    public function testAPasteOfTooManyCellsSaysSo(): void
    {
        $this->expectExceptionMessage('This table has more than 150,000 cells in one sheet, the limit.');
        TableText::read(str_repeat(str_repeat("1\t", 249)."1\n", 1000));
    }

    /** PHP's own reader of RFC 4180 is the outside reference where quotes enclose their fields. */
    public function testFieldsAreThoseOfPhpsOwnReader(): void
    {
        $text = "a,\"b, c\",d\n\"e \"\"f\"\"\",,\"\"\n\"g\nh\",i,j\n\"".str_repeat('long, "" ', 4000)."\",1,2\n";
        $stream = fopen('php://memory', 'r+');
        self::assertIsResource($stream);
        fwrite($stream, $text);
        rewind($stream);
        $theirs = [];
        while (($record = fgetcsv($stream, null, ',', '"', '')) !== false) {
            $theirs[] = $record;
        }
        $ours = array_slice(iterator_to_array(DelimitedText::records($text, ','), false), 0, count($theirs));
        self::assertSame($theirs, $ours);
    }

    /** @return iterable<string, array{string}> */
    public static function megabytes(): iterable
    {
        yield 'one record without end' => [str_repeat('123,', 249_000)];
        yield 'quotes' => [str_repeat('"', 999_999)];
        yield 'enclosed fields without end' => [str_repeat('"a","', 199_999)];
        yield 'quotes that never close' => [str_repeat(',"""x', 190_000)];
        yield 'line breaks' => [str_repeat("\n", 999_999)];
        yield 'rows' => [str_repeat("a\n", 499_999)];
        yield 'blanks' => [str_repeat('  a', 333_333)];
        yield 'digits' => [str_repeat('1 ', 499_999).'x'];
        yield 'sums' => [str_repeat('1+', 499_999).'1'];
        yield 'signs of money' => [str_repeat('€ 1', 199_999).'x'];
    }

    /** A megabyte of anything is answered in a time that grows with its length, not with its square. */
    #[DataProvider('megabytes')]
    public function testAMegabyteOfAnything(string $text): void
    {
        $time = static function (string $text): float {
            $began = hrtime(true);
            try {
                TableText::read($text);
            } catch (ImpossibleFigures) {
                // Refused with a reason, as most of these are.
            }

            return (hrtime(true) - $began) / 1e9;
        };
        $eighth = min(
            $time(substr($text, 0, intdiv(strlen($text), 8))),
            $time(substr($text, 0, intdiv(strlen($text), 8))),
        );
        self::assertLessThan(max(0.5, 30 * $eighth), $time($text));
    }

    public function testTheRowThatShouldHaveANumberIsNamedNotTheHeading(): void
    {
        $this->expectExceptionMessage('Row 2 reads “Kettles | many”');
        TableText::read("Kind,Things\nKettles,many\nLamps,few");
    }

    public function testALongCellElsewhereDoesNotMatter(): void
    {
        $table = TableText::read(
            "name,things,notes\nKettles,5,\"".str_repeat('mended, ""well"" ', 2000)."\"\nLamps,6,",
        );
        self::assertSame(['5', '6'], array_map(static fn (Row $row): string => $row->cells[0], $table->rows));
    }
}
