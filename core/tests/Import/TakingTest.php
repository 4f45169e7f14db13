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
            [['Kettles', '12', '15'], ['Lamps', 'n/a', '9'], ['Toys', '5', '6']],
            self::rows($taken),
        );
        self::assertSame('North', $taken->table->rows[0]->group);
        $left = implode(' ', $taken->leftOut);
        foreach (['row above', 'row below', '“Total”', '“Notes”', 'C5 “n/a”'] as $said) {
            self::assertStringContainsString($said, $left);
        }
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
