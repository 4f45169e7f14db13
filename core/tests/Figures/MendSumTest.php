<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Figures;

use Lupine\Core\Figures\CellNumber;
use Lupine\Core\Figures\Figures;
use Lupine\Core\Figures\ImpossibleFigures;
use Lupine\Core\Figures\MendSum;
use Lupine\Core\Piece\Column;
use Lupine\Core\Piece\Row;
use Lupine\Core\Piece\Table;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class MendSumTest extends TestCase
{
    /** @return iterable<string, array{list<string>, string|null, list<string>}> */
    public static function sums(): iterable
    {
        yield 'percentages' => [['50 %', '40 %', '30 %'], null, ['41.7 %', '33.3 %', '25.0 %']];
        yield 'of a whole that was given' => [['300', '300'], '500', ['250.0', '250.0']];
        yield 'money' => [['€60', '€60'], '100', ['€ 50.0', '€ 50.0']];
        yield 'less than the whole' => [['10 %', '30 %'], null, ['25.0 %', '75.0 %']];
        yield 'as many digits as were given' => [['33.333 %', '66.777 %'], null, ['33.296 %', '66.704 %']];
    }

    /**
     * @param list<string> $cells
     * @param list<string> $mended
     */
    #[DataProvider('sums')]
    public function testScalingKeepsProportionsUnitsAndTheSum(array $cells, ?string $whole, array $mended): void
    {
        $table = self::table($cells, $whole);
        $scaled = MendSum::scaled($table, 'c1');

        self::assertSame($mended, array_map(static fn (Row $row): string => $row->cells[0], $scaled->rows));
        $sum = array_sum(
            array_map(static fn (Row $row): float => CellNumber::read($row->cells[0])->value->toFloat(), $scaled->rows),
        );
        self::assertEqualsWithDelta((float) ($whole ?? 100), $sum, 1e-9);
        self::assertSame([], Figures::ofWhole($scaled, 'c1')->notices);
    }

    public function testOnlyTheLargestGivesWay(): void
    {
        $mended = MendSum::offTheLargest(self::table(['30 %', '45 %', '45 %'], null), 'c1');
        self::assertSame(
            ['30 %', '25 %', '45 %'],
            array_map(static fn (Row $row): string => $row->cells[0], $mended->rows),
            'the first, among equals',
        );
    }

    public function testWhatCannotBeMendedSaysSo(): void
    {
        $sums = [[['200', '200', '200'], '100', 'largest part'], [['0', '0'], '100', 'Nothing to scale']];
        foreach ($sums as [$cells, $whole, $message]) {
            try {
                str_contains($message, 'largest')
                    ? MendSum::offTheLargest(self::table($cells, $whole), 'c1')
                    : MendSum::scaled(self::table($cells, $whole), 'c1');
                self::fail('It was taken.');
            } catch (ImpossibleFigures $reason) {
                self::assertStringContainsString($message, $reason->getMessage());
            }
        }
    }

    /** @param list<string> $cells */
    private static function table(array $cells, ?string $whole): Table
    {
        return new Table(
            't1',
            '',
            [new Column('c1', '')],
            array_map(
                static fn (int $index, string $cell): Row => new Row('r'.$index, 'Kind '.$index, [$cell]),
                range(1, count($cells)),
                $cells,
            ),
            null,
            $whole,
        );
    }
}
