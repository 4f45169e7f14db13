<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Formats;

use Lupine\Core\Figures\ImpossibleFigures;
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
        yield 'lines of a script' => ["Kettles 12\nLamps and lights 7", [['Kettles', '12'], ['Lamps and lights', '7']]];
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
        yield 'too many rows' => [str_repeat("a\t1\n", 201), '200'];
        yield 'too wide' => [implode("\t", range(1, 70)), '60'];
    }

    #[DataProvider('refused')]
    public function testSaysWhatItCannotTake(string $text, string $reason): void
    {
        $this->expectException(ImpossibleFigures::class);
        $this->expectExceptionMessage($reason);

        TableText::read($text);
    }
}
