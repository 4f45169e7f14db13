<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Import;

use Lupine\Core\Figures\NumberStyle;
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

    public function testRowsWithoutNumbersNameThoseBelowThem(): void
    {
        $text = "Kind\t2022\t2023\nIn the kitchen\t\t\nKettles\t5\t6\nToasters\t2\t2\nIn the hall\t\t\nLamps\t4\t4";
        $taken = self::taken($text);
        self::assertSame([['Kettles', '5', '6'], ['Toasters', '2', '2'], ['Lamps', '4', '4']], self::rows($taken));
        $groups = array_map(static fn (Row $row): ?string => $row->group, $taken->table->rows);
        self::assertSame(['In the kitchen', 'In the kitchen', 'In the hall'], $groups);
        self::assertStringContainsString('“In the kitchen”, “In the hall”', implode(' ', $taken->understood));
        // With one column a row without a number may be a figure that is not known yet.
        self::assertCount(3, self::taken("Kind\tThings\nKettles\t5\nLamps\t\nToys\t2")->table->rows);
    }

    public function testAHeadOfTwoRowsStaysWhereTheSecondIsChosenByHand(): void
    {
        $text = "A year\t\t\n\tLast year\tThis year\nKind\tKept\tKept\nKettles\t5\t6\nLamps\t4\t4";
        $found = self::taken($text);
        $chosen = Taking::from(TableText::grid($text, ''), new Choices(heading: 2));
        self::assertSame(self::columns($found), self::columns($chosen));
        self::assertSame($found->understood, $chosen->understood);
        self::assertSame($found->leftOut, $chosen->leftOut);
        self::assertSame('A year', $chosen->title);
    }

    public function testAPointBeforeThreeDigitsIsAskedAboutWhereNothingSettlesIt(): void
    {
        $open = "Kind;Kept\nKettles;1.234\nLamps;912\nToys;2.050";
        $asked = self::taken($open);
        self::assertSame('1.234', $asked->openNumber);
        self::assertSame([['Kettles', '1.234'], ['Lamps', '912'], ['Toys', '2.050']], self::rows($asked));
        $said = Taking::from(TableText::grid($open, ''), new Choices(numbers: NumberStyle::DecimalComma));
        self::assertSame([['Kettles', '1234'], ['Lamps', '912'], ['Toys', '2050']], self::rows($said));
        // What was said of one table does not hold for the next, where its own numbers say it.
        $commas = new Choices(numbers: NumberStyle::DecimalComma);
        $next = Taking::from(TableText::grid("Kind;Kept\nKettles;9.5", ''), $commas);
        self::assertSame([['Kettles', '9.5']], self::rows($next));
        self::assertNull(self::taken("Kind;Kept\nKettles;1.234\nLamps;9,5")->openNumber, 'a comma settles it');
        self::assertNull(self::taken("Kind;Kept\nKettles;1.234\nLamps;9.5")->openNumber, 'one digit settles it');
        self::assertNull(self::taken("Kind\tKept\nKettles\t1,234\nLamps\t912")->openNumber, 'thousands in English');
    }

    public function testNumbersThatJsonHoldsAsTextsMayHaveADecimalComma(): void
    {
        $json = '[{"kind":"Kettles","kept":"1.234,5","n":1.234},{"kind":"Lamps","kept":"2.050","n":2},'
            .'{"kind":"Toys","kept":"0,5 €","n":3}]';
        $taken = Taking::from(JsonTable::grids($json, 'a.json')[0]);
        self::assertSame(
            [['Kettles', '1234.5', '1.234'], ['Lamps', '2050', '2'], ['Toys', '€ 0.5', '3']],
            self::rows($taken),
        );
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
            '“Total”, row 2: adds up the rows below.',
        ];
        yield 'sums between, and a mean' => [
            "Kind\tThings\nKettles\t5\nLamps\t7\nSubtotal\t12\nCoats\t3\nToys\t1\nSubtotal\t4\nTotal\t16\nAverage\t4",
            [['Kettles', '5'], ['Lamps', '7'], ['Coats', '3'], ['Toys', '1']],
            ['Things'],
            'the mean of the others',
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
        yield 'tables below each other' => [
            "Kind\tThings\nKettles\t5\nLamps\t7\n\t\nMonth\tHours\nMay\t9\nJune\t8",
            [['Kettles', '5'], ['Lamps', '7']],
            ['Things'],
            'Another table stands below this one, from row 5 on',
        ];
        yield 'a total beside its parts' => [
            "Kind\tMended\tNot\tTotal\nKettles\t5\t2\t7\nLamps\t7\t1\t8",
            [['Kettles', '5', '2'], ['Lamps', '7', '1']],
            ['Mended', 'Not'],
            'Column “Total”: adds up the others',
        ];
        yield 'years from one to the next, which could be months' => [
            "Kind\t2010/11\t2011/12\nKettles\t5\t2\nLamps\t7\t1",
            [['Kettles', '5', '2'], ['Lamps', '7', '1']],
            ['2010/11', '2011/12'],
            '2 moments, 2010/11 to 2011/12',
        ];
        yield 'Markdown' => [
            "| Kind | Things |\n| :-- | --: |\n| Kettles | 5 |\n| Lamps | 7 |",
            [['Kettles', '5'], ['Lamps', '7']],
            ['Things'],
            '',
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
        self::assertStringContainsString('its value is added', implode(' ', $taken->understood));
    }

    public function testARowForEachMoment(): void
    {
        $text = "Month,Kettles,Lamps\nMarch,4,5\nJanuary,7,8\nFebruary,1,2";
        $rows = self::taken($text);
        self::assertSame(['March', '4', '5'], self::rows($rows)[0]);
        self::assertStringContainsString('set “Month” to “Moments”', implode(' ', $rows->understood));
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
