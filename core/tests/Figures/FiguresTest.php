<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Figures;

use Brick\Math\BigRational;
use Lupine\Core\Figures\Arithmetic;
use Lupine\Core\Figures\CellNumber;
use Lupine\Core\Figures\Figure;
use Lupine\Core\Figures\Figures;
use Lupine\Core\Figures\ImpossibleFigures;
use Lupine\Core\Figures\LargestRemainder;
use Lupine\Core\Figures\MendSum;
use Lupine\Core\Figures\NotANumber;
use Lupine\Core\Piece\Column;
use Lupine\Core\Piece\Row;
use Lupine\Core\Piece\Table;
use Lupine\Core\Problem;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class FiguresTest extends TestCase
{
    /** @param list<string> $cells */
    private static function table(array $cells, ?string $whole = null): Table
    {
        return new Table(
            't1',
            '',
            [new Column('c1', '')],
            array_map(
                static fn (int $index, string $cell): Row => new Row('r'.($index + 1), chr(65 + $index), [$cell]),
                array_keys($cells),
                $cells,
            ),
            null,
            $whole,
        );
    }

    public function testSharesAreExactFractions(): void
    {
        $figures = Figures::ofWhole(self::table(['512', '287', '199', '150', '100']), 'c1');

        self::assertSame('1248', (string) $figures->whole);
        self::assertTrue($figures->list[0]->exactShare->isEqualTo(BigRational::of('512/1248')));
        self::assertSame([], $figures->notices);
    }

    public function testSharesShownAddUp(): void
    {
        $figures = Figures::ofWhole(self::table(['1', '1', '1']), 'c1');

        self::assertSame(
            ['33.4', '33.3', '33.3'],
            array_map(
                static fn (BigRational $share): string => (string) $share->toScale(1),
                array_values($figures->shownPercentages(1)),
            ),
        );
    }

    /**
     * The worked example of the largest remainder method with the Hare quota as encyclopaedias print it: 100,000 votes,
     * 10 seats (from memory).
     */
    public function testRoundsByTheLargestRemainder(): void
    {
        $seats = LargestRemainder::round(
            array_map(static fn (int $votes): BigRational => BigRational::of($votes.'/10000'), [
                47_000,
                16_000,
                15_800,
                12_000,
                6_100,
                3_100,
            ]),
            0,
        );

        self::assertSame([5, 2, 1, 1, 1, 0], array_map(static fn (BigRational $seat): int => $seat->toInt(), $seats));
    }

    /** A whole part of thirty digits changes nothing of the others, but all are then reckoned with at any length. */
    public function testRoundsSmallNumbersAsItDoesLargeOnes(): void
    {
        mt_srand(22);
        $large = BigRational::of('123456789012345678901234567890');
        for ($time = 0; $time < 100; ++$time) {
            $decimals = mt_rand(0, 6);
            $whole = mt_rand(1, 99_999);
            $parts = array_map(
                static fn (): BigRational => BigRational::nd(mt_rand(0, 99_999), mt_rand(0, 4) === 0 ? 7 : $whole),
                range(1, mt_rand(1, 30)),
            );
            $rounded = array_map(strval(...), LargestRemainder::round($parts, $decimals));

            self::assertSame(
                [...$rounded, (string) $large],
                array_map(strval(...), LargestRemainder::round([...$parts, $large], $decimals)),
            );
        }
    }

    public function testTiesKeepTheOrderOfTheSheet(): void
    {
        $figures = Figures::ofWhole(self::table(['5', '7', '5', '7']), 'c1');
        $ids = static fn (string $order): array => array_map(
            static fn (Figure $figure): string => $figure->id,
            $figures->ordered($order),
        );

        self::assertSame(['r2', 'r4', 'r1', 'r3'], $ids('descending'));
        self::assertSame(['r1', 'r3', 'r2', 'r4'], $ids('ascending'));
    }

    public function testTheRestIsWhatTheOthersLeave(): void
    {
        $figures = Figures::ofWhole(self::table(['35 %', '40.5 %', 'rest']), 'c1');

        self::assertSame(24.5, $figures->list[2]->value());
        self::assertSame(0.245, $figures->list[2]->share());
    }

    public function testMoreThanTheWholeIsSaidAndCanBeMended(): void
    {
        $table = self::table(['60 %', '30 %', '13 %']);
        $figures = Figures::ofWhole($table, 'c1');
        self::assertSame(
            ['over-whole'],
            array_map(static fn (Problem $problem): string => $problem->code, $figures->notices),
        );
        self::assertEqualsWithDelta(60 / 103, $figures->list[0]->share(), 1e-15);

        $cells = static fn (Table $mended): array => array_map(
            static fn (Row $row): string => $row->cells[0],
            $mended->rows,
        );
        self::assertSame(['57 %', '30 %', '13 %'], $cells(MendSum::offTheLargest($table, 'c1')));
        self::assertSame(['58.3 %', '29.1 %', '12.6 %'], $cells(MendSum::scaled($table, 'c1')));
        self::assertSame([], Figures::ofWhole(MendSum::scaled($table, 'c1'), 'c1')->notices);
    }

    /** @return iterable<string, array{list<string>, string|null, string, string|null}> */
    public static function impossible(): iterable
    {
        yield 'a word' => [['4', 'many'], null, '“many”', 'r2'];
        yield 'negative' => [['4', '-3'], null, 'cannot be negative', 'r2'];
        yield 'all zero' => [['0', '0.0'], null, 'Every figure is zero', null];
        yield 'no rows' => [[], null, 'is empty', null];
        yield 'two rests' => [['50 %', 'rest', 'rest'], null, 'Only one', 'r3'];
        yield 'the rest of nothing' => [['512', 'rest'], null, 'already add up', 'r2'];
        yield 'divided by nothing' => [['4', '1/0'], null, 'zero', 'r2'];
        yield 'a whole that is none' => [['4'], 'lots', 'The whole', null];
    }

    /** @param list<string> $cells */
    #[DataProvider('impossible')]
    public function testRefusesWithRowAndReason(array $cells, ?string $whole, string $message, ?string $row): void
    {
        try {
            Figures::ofWhole(self::table($cells, $whole), 'c1');
            self::fail('It was taken.');
        } catch (ImpossibleFigures $reason) {
            self::assertStringContainsString($message, $reason->getMessage());
            self::assertSame($row, $reason->rowId);
        }
    }

    /** @return iterable<array{string, string}> */
    public static function sums(): iterable
    {
        yield ['65*3.6', '234'];
        yield ['1248-938', '310'];
        yield ['2+3*4', '14'];
        yield ['(2+3)*4', '20'];
        yield ['-(7-2)', '-5'];
        yield ['1/3', '1/3'];
        yield ['0.1+0.2', '3/10'];
    }

    #[DataProvider('sums')]
    public function testReckonsExactly(string $typed, string $result): void
    {
        self::assertTrue(
            Arithmetic::evaluate($typed)->isEqualTo(BigRational::of($result)),
            (string) Arithmetic::evaluate($typed),
        );
    }

    public function testNumbersAreReadAsTheyAreWritten(): void
    {
        foreach (
            [
                '1,248' => 1248.0,
                '1.248,50 €' => 1248.5,
                '1 248,5' => 1248.5,
                '1’248' => 1248.0,
                '35 %' => 35.0,
                '$3.50' => 3.5,
                '(12)' => -12.0,
                '.5' => 0.5,
            ] as $typed => $value
        ) {
            self::assertSame($value, CellNumber::read((string) $typed)->value->toFloat(), (string) $typed);
        }
        foreach (['', 'twelve', '1,2,3', '3 + ', '((2)', '5 6'] as $typed) {
            try {
                CellNumber::read($typed);
                self::fail("“{$typed}” was taken.");
            } catch (NotANumber $reason) {
                self::assertNotSame('', $reason->getMessage());
            }
        }
    }
}
