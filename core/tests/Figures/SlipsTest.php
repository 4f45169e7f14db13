<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Figures;

use Lupine\Core\Figures\Figures;
use Lupine\Core\Piece\Column;
use Lupine\Core\Piece\Row;
use Lupine\Core\Piece\Table;
use Lupine\Core\Problem;
use Lupine\Core\Repair;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What looks like a slip is common practice, no source. */
final class SlipsTest extends TestCase
{
    /** @return iterable<string, array{list<string>, string|null, list<string>}> code, and what the repairs say */
    public static function tables(): iterable
    {
        yield 'a nought too many' => [['4510', '287', '199', '150'], 'tenfold', ['Change to 451', 'Keep 4510']];
        yield 'a digit too many' => [['51.2', '48', '497', '40'], 'tenfold', ['Change to 49.7', 'Keep 497']];
        yield 'one that is simply large' => [['2000', '21', '17', '40'], null, []];
        yield 'one that is far off, but not tenfold' => [['900', '287', '199', '150'], null, []];
        yield 'two alone' => [['4510', '451'], null, []];
        yield 'over all there is' => [['415 %', '58.5 %'], 'over-hundred', ['Change to 41.5 %']];
        yield 'percentages short of a hundred' => [
            ['41 %', '32 %', '20 %'],
            'near-hundred',
            ['Add a “rest” row', 'Scale to 100', 'Leave the gap'],
        ];
        yield 'plain figures short of a hundred' => [
            ['41', '32', '20'],
            'near-hundred',
            ['Add a “rest” row', 'Scale to 100', 'Set the whole to 93'],
        ];
        yield 'plain figures beyond a hundred' => [
            ['41', '32', '30'],
            'near-hundred',
            ['Scale to 100', 'Set the whole to 103'],
        ];
        yield 'percentages beyond a hundred' => [
            ['41 %', '32 %', '30 %'],
            'over-whole',
            ['Scale to the whole', 'Subtract it from the largest', 'Set the whole to 103'],
        ];
        yield 'a hundred but for rounding' => [['33.3', '33.3', '33.3'], null, []];
        yield 'a point that may group' => [
            ['1.248', '938', '310'],
            'point-or-group',
            ['Change to 1248', 'Slightly more than 1'],
        ];
        yield 'decimals among decimals' => [['1.248', '0.938', '0.310'], null, []];
        yield 'one alone' => [['65'], 'only-one', ['Show as part of 100']];
        yield 'one alone, and the rest' => [['65', 'rest'], null, []];
    }

    /**
     * @param list<string> $cells
     * @param list<string> $repairs
     */
    #[DataProvider('tables')]
    public function testSlipsArePointedOutWithWaysToMendThem(array $cells, ?string $code, array $repairs): void
    {
        $table = self::table($cells);
        $notices = self::notices($table);

        self::assertSame($code === null ? [] : [$code], array_column($notices, 'code'));
        self::assertSame($repairs, array_column($notices[0]->repairs ?? [], 'label'));
        foreach ($notices[0]->repairs ?? [] as $repair) {
            self::assertSame([], self::notices(self::repaired($table, $repair)), $repair->label.' settles it');
        }
    }

    public function testALonePercentageAndItsRestAreOfAHundred(): void
    {
        $figures = Figures::ofWhole(self::table(['65', 'rest']), 'c1');
        self::assertSame([65.0, 35.0], $figures->values());
        self::assertSame(0.65, $figures->list[0]->share());
    }

    public function testAnEmptyRowSaysNothing(): void
    {
        $empty = new Row('r9', ' ', ['']);
        $table = self::table(['4', '7']);
        $with = new Table('t1', '', $table->columns, [...$table->rows, $empty], null, null);
        self::assertSame([], self::notices($with));
    }

    /** @return list<Problem> */
    private static function notices(Table $table): array
    {
        return Figures::ofWhole($table, 'c1')->notices;
    }

    private static function repaired(Table $table, Repair $repair): Table
    {
        foreach ($repair->cells as $rowId => $typed) {
            $table = $table->withCell($rowId, 0, $typed);
        }
        $rows = array_map(
            static fn (Row $row): Row => in_array($row->id, $repair->sure, true)
                ? new Row($row->id, $row->label, $row->cells, $row->cells[0])
                : $row,
            $table->rows,
        );
        if ($repair->rest !== null) {
            $rows[] = new Row('rest', $repair->rest, ['rest']);
        }

        return new Table('t1', '', $table->columns, $rows, null, $repair->whole ?? $table->whole);
    }

    /** @param list<string> $cells */
    private static function table(array $cells): Table
    {
        $rows = array_map(
            static fn (int $number, string $cell): Row => new Row('r'.$number, 'Kind '.$number, [$cell]),
            range(1, count($cells)),
            $cells,
        );

        return new Table('t1', '', [new Column('c1', '')], $rows, null, null);
    }
}
