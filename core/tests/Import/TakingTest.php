<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Import;

use Lupine\Core\Figures\PointInTime;
use Lupine\Core\Formats\TableText;
use Lupine\Core\Import\Choices;
use Lupine\Core\Import\JsonTable;
use Lupine\Core\Import\SheetNumber;
use Lupine\Core\Import\Taken;
use Lupine\Core\Import\Taking;
use Lupine\Core\Piece\Column;
use Lupine\Core\Piece\Row;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What is understood of tables as people have them. */
final class TakingTest extends TestCase
{
    private const VEGA = __DIR__.'/../../../node_modules/vega-datasets/data/';

    public function testATableWithAllThatStandsAroundIt(): void
    {
        $taken = self::taken(
            "A year at the Mending Room,,,,\n,,,,\nKind,Region,2022,2023,Notes\nKettles,North,12,15,ok\n"
            ."Lamps,South,n/a,9,\nToys,North,5,6,\nTotal,,17,30,\n,,,,\nSource: the book at the door,,,,",
        );
        self::assertSame('A year at the Mending Room', $taken->title);
        self::assertSame(['label', 'group', 'value', 'value', 'none'], $taken->roles);
        self::assertSame('Year', $taken->table->timeColumn);
        self::assertSame(['2022', '2023'], self::columns($taken));
        self::assertSame(
            [['Kettles', '12', '15'], ['Lamps', '', '9'], ['Toys', '5', '6']],
            self::rows($taken),
        );
        self::assertSame('North', $taken->table->rows[0]->group);
        $left = implode(' ', $taken->leftOut);
        foreach (['row above', 'row below', '“Total”', '“Notes”', 'C5 “n/a”'] as $said) {
            self::assertStringContainsString($said, $left);
        }
    }

    /** @return iterable<string, array{string, list<list<string>>, list<string>, string}> table, what is understood */
    public static function oddTables(): iterable
    {
        yield 'degrees' => [
            "Part,Angle\nKettles,120°\nLamps,240°",
            [['Kettles', '120'], ['Lamps', '240']],
            ['Angle'],
            '120°',
        ];
        yield 'units and footnotes' => [
            "Where\tFar\nNorth\t1,233 km\nSouth\t12*\nWest\t5[1]",
            [['North', '1233'], ['South', '12'], ['West', '5']],
            ['Far'],
            'B3 “12*” as 12',
        ];
        yield 'thousands by letters, powers, less than' => [
            "a\tb\nA\t5k\nB\t3.7e13\nC\t<1\nD\t1.5M",
            [['A', '5000'], ['B', '37000000000000'], ['C', '1'], ['D', '1500000']],
            ['b'],
            '“<1” as 1',
        ];
        yield 'Indian grouping' => [
            "a\tb\nA\t1,23,456\nB\t12,34,567",
            [['A', '123456'], ['B', '1234567']],
            ['b'],
            '',
        ];
        yield 'gaps' => [
            "a\tb\nA\t3\nB\t#N/A\nC\t#DIV/0!\nD\t–",
            [['A', '3'], ['B', ''], ['C', ''], ['D', '']],
            ['b'],
            'say that they have no number: B3 “#N/A”',
        ];
        yield 'a column that counts' => [
            "ID\tKind\tThings\n101\tKettles\t5\n102\tLamps\t7",
            [['Kettles', '5'], ['Lamps', '7']],
            ['Things'],
            '“ID”',
        ];
        yield 'one by one' => [
            "\tKind\tThings\n1\tKettles\t5\n2\tLamps\t7\n3\tToys\t2",
            [['Kettles', '5'], ['Lamps', '7'], ['Toys', '2']],
            ['Things'],
            '',
        ];
        yield 'a total above' => [
            "Kind\tThings\nTotal\t12\nKettles\t5\nLamps\t7",
            [['Kettles', '5'], ['Lamps', '7']],
            ['Things'],
            '“Total”, row 2: it adds up the rows below it.',
        ];
        yield 'sums between, and a mean' => [
            "Kind\tThings\nKettles\t5\nLamps\t7\nSubtotal\t12\nCoats\t3\nToys\t1\nSubtotal\t4\nTotal\t16\nAverage\t4",
            [['Kettles', '5'], ['Lamps', '7'], ['Coats', '3'], ['Toys', '1']],
            ['Things'],
            'it is the mean of the others',
        ];
        yield 'heads of two rows' => [
            "\t2022\t\t2023\t\nKind\tMended\tNot\tMended\tNot\nKettles\t5\t1\t6\t2\nLamps\t7\t3\t8\t4",
            [['Kettles', '5', '1', '6', '2'], ['Lamps', '7', '3', '8', '4']],
            ['2022 Mended', '2022 Not', '2023 Mended', '2023 Not'],
            '',
        ];
        yield 'tables beside each other' => [
            "Kind\tThings\t\tMonth\tHours\nKettles\t5\t\tMay\t9\nLamps\t7\t\tJune\t8",
            [['Kettles', '5'], ['Lamps', '7']],
            ['Things'],
            'Another table stands beside this one, from column D on',
        ];
        yield 'region and branch' => [
            "Region\tBranch\tThings\nNorth\tHill\t5\nNorth\tDale\t7\nSouth\tQuay\t2",
            [['Hill', '5'], ['Dale', '7'], ['Quay', '2']],
            ['Things'],
            '',
        ];
    }

    /**
     * @param list<list<string>> $rows
     * @param list<string> $columns
     */
    #[DataProvider('oddTables')]
    public function testOddTablesAreUnderstood(string $text, array $rows, array $columns, string $said): void
    {
        $taken = self::taken($text);
        self::assertSame($rows, self::rows($taken));
        self::assertSame($columns, self::columns($taken));
        self::assertStringContainsString($said, implode(' ', [...$taken->understood, ...$taken->leftOut]));
    }

    public function testATableBesideStaysAsideWhereARoleOfTheFirstIsDecided(): void
    {
        $text = "Kind\tThings\tHours\t\tMonth\tVisits\nKettles\t5\t2\t\tMay\t9\nLamps\t7\t1\t\tJune\t8";
        $grid = TableText::grid($text, 'x');
        $taken = Taking::from($grid, new Choices(null, [2 => 'none']));
        self::assertSame(['label', 'value', 'none', 'none', 'none', 'none'], $taken->roles);
    }

    public function testWhatIsDecidedGoesBeforeWhatIsGuessed(): void
    {
        $text = "Kettles,3,#ff8800\nLamps,4,#0088ff\nTotal,7,";
        $grid = TableText::grid($text, 'x');
        self::assertSame(
            [['Kettles', '3'], ['Lamps', '4'], ['Total', '7']],
            self::rows(Taking::from($grid, new Choices(withTotals: true))),
        );
        $taken = Taking::from($grid, new Choices(0, [2 => 'colour']));
        self::assertSame([['Lamps', '4'], ['Total', '7']], self::rows($taken));
        self::assertSame(['r1' => '#0088ff'], $taken->colours);
        self::assertSame('Kettles', $taken->table->name);
    }

    public function testARowForEachFigureAtEachMoment(): void
    {
        $taken = self::taken(
            "kind,day,things\nLamps,2023-02-01,7\nKettles,2023-01-01,12\nLamps,2023-01-01,5\nKettles,2023-02-01,4\n"
            .'Kettles,2023-02-01,2',
        );
        self::assertSame('long', $taken->layout);
        self::assertSame(['2023-01', '2023-02'], self::columns($taken));
        self::assertSame([['Lamps', '5', '7'], ['Kettles', '12', '6']], self::rows($taken));
        self::assertStringContainsString('added up', implode(' ', $taken->understood));
    }

    public function testARowForEachMoment(): void
    {
        $text = "Month,Kettles,Lamps\nMarch,4,5\nJanuary,7,8\nFebruary,1,2";
        $rows = self::taken($text);
        self::assertSame(['March', '4', '5'], self::rows($rows)[0]);
        self::assertStringContainsString('Choose “when”', implode(' ', $rows->understood));
        $taken = Taking::from(TableText::grid($text, 'x'), new Choices(null, [0 => 'time']));
        self::assertSame('moments', $taken->layout);
        self::assertSame(['January', 'February', 'March'], self::columns($taken));
        self::assertSame([['Kettles', '7', '1', '4'], ['Lamps', '8', '2', '5']], self::rows($taken));
    }

    /**
     * Real files of vega-datasets: what they hold is counted from them here, line by line.
     *
     * @return iterable<string, array{string, string, string, string, string}>
     */
    public static function longFiles(): iterable
    {
        yield 'stocks' => ['stocks.csv', 'symbol', 'date', 'price', 'M j Y'];
        yield 'iowa-electricity' => ['iowa-electricity.csv', 'source', 'year', 'net_generation', 'Y-m-d'];
        yield 'disasters' => ['disasters.csv', 'Entity', 'Year', 'Deaths', 'Y'];
    }

    #[DataProvider('longFiles')]
    public function testLongFilesOfVegaDatasetsKeepEveryFigure(
        string $file,
        string $label,
        string $time,
        string $value,
        string $format,
    ): void {
        $text = (string) file_get_contents(self::VEGA.$file);
        $taken = Taking::from(TableText::grid($text, $file));
        self::assertSame('long', $taken->layout);
        $lines = array_map(
            static fn (string $line): array => str_getcsv($line, ',', '"', ''),
            preg_split('/\R/', trim($text)) ?: [],
        );
        $names = array_flip(array_map(strval(...), array_shift($lines) ?? []));
        $cells = 0;
        $columns = array_flip(self::columns($taken));
        $rows = array_column(self::rows($taken), null, 0);
        foreach ($lines as $line) {
            $point = \DateTimeImmutable::createFromFormat('!'.$format, (string) $line[$names[$time]]);
            self::assertNotFalse($point);
            $column = $columns[$point->format('Y-m')] ?? $columns[$point->format('Y')];
            $cell = $rows[$line[$names[$label]]][1 + $column];
            self::assertSame((float) $line[$names[$value]], (float) $cell);
            ++$cells;
        }
        $isFilled = static fn (string $cell): bool => $cell !== '';
        $read = array_merge(...array_map(static fn (array $row): array => array_slice($row, 1), self::rows($taken)));
        self::assertCount($cells, array_filter($read, $isFilled));
    }

    public function testJsonInItsShapes(): void
    {
        $rows = [['Kettles', '12'], ['Lamps', '7.5']];
        foreach ([
            '[{"kind": "Kettles", "things": 12}, {"kind": "Lamps", "things": 7.5}]',
            '[["Kettles", 12], ["Lamps", 7.5]]',
            '{"Kettles": 12, "Lamps": 7.5}',
            '{"kind": ["Kettles", "Lamps"], "things": [12, 7.5]}',
            '{"about": "the door", "data": [{"kind": "Kettles", "things": 12}, {"kind": "Lamps", "things": 7.5}]}',
        ] as $json) {
            self::assertSame($rows, self::rows(Taking::from(JsonTable::grids($json, 'x')[0])), $json);
        }
    }

    /** @return iterable<array{string, string|null}> */
    public static function points(): iterable
    {
        foreach ([
            '2019' => '2019', 'Q2 2019' => '2019 Q2', '2019-Q4' => '2019 Q4', '2019-03' => '2019-03', '03/2019' => '2019-03',
            'March 2019' => '2019-03', 'Mar 5, 2019' => '2019-03-05', '5 March 2019' => '2019-03-05', 'May' => 'May',
            '2019-03-05' => '2019-03-05', '5.3.2019' => '2019-03-05', '2019-03-05T10:00:00Z' => '2019-03-05',
            '5/3/2019' => '2019-03-05', '2019-13' => null, '31.2.2019' => null, '512' => null, 'Marching' => null,
            '' => null,
        ] as $text => $read) {
            yield [(string) $text, $read];
        }
    }

    #[DataProvider('points')]
    public function testPointsInTime(string $text, ?string $read): void
    {
        self::assertSame($read, PointInTime::read($text)?->text());
    }

    /** Source of the values: ECMA-376 part 1, 18.17.4.1 and 18.17.4.3, its own examples and the ends of its ranges. */
    public function testDaysOfSpreadsheets(): void
    {
        self::assertSame('1900-01-01', SheetNumber::day(1, 'yyyy-mm-dd', false));
        self::assertSame('1900-02-28', SheetNumber::day(59, 'yyyy-mm-dd', false));
        self::assertSame('1900-03-01', SheetNumber::day(61, 'yyyy-mm-dd', false));
        self::assertSame('9999-12-31', SheetNumber::day(2958465, 'yyyy-mm-dd', false));
        self::assertSame('1904-01-01', SheetNumber::day(0, 'yyyy-mm-dd', true));
        self::assertSame('2019', SheetNumber::day(43500, 'yyyy', false));
        self::assertFalse(SheetNumber::isDate('[Red]0.00'));
        self::assertFalse(SheetNumber::isDate('h:mm'));
        self::assertSame(['41 %', '€ 12.5', '0.1', '1500'], [
            SheetNumber::text('0.41000000000000003', '0%'),
            SheetNumber::text('12.5', '[$€-407] #,##0.00'),
            SheetNumber::text('0.1', 'General'),
            SheetNumber::text('1.5E3', ''),
        ]);
    }

    private static function taken(string $text): Taken
    {
        return Taking::from(TableText::grid($text, 'x'));
    }

    /** @return list<string> */
    private static function columns(Taken $taken): array
    {
        return array_map(static fn (Column $column): string => $column->name, $taken->table->columns);
    }

    /** @return list<list<string>> */
    private static function rows(Taken $taken): array
    {
        return array_map(static fn (Row $row): array => [$row->label, ...$row->cells], $taken->table->rows);
    }
}
