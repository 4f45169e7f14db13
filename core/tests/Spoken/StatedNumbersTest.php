<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Spoken;

use Lupine\Core\Spoken\StatedNumbers;
use Lupine\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class StatedNumbersTest extends TestCase
{
    private const FIGURES = "Kind\tLast year\tThis year\nKettles\t512\t640\nLamps\t287\t300\nToys\t100\t25";

    /** @return iterable<string, array{string, list<string>}> a text on the stage, what in it is nowhere */
    public static function texts(): iterable
    {
        yield 'figures, totals, shares and counts' => ['512 of 899 things in 3 kinds: 57 % kettles, the rest 43 %', []];
        yield 'differences, sums, multiples, changes' => [
            '128 more kettles, up a quarter; 387 lamps and toys; a fourfold fall',
            [],
        ];
        yield 'rounded' => ['Nearly 900 things, more than half of them kettles', []];
        yield 'another number' => ['In all 1,300 things, 71 % of them kettles', ['1,300', '71 %']];
        yield 'years, times, small counts and names' => ['Since 2012, 24 hours a day, in 2 rooms: Room 101', []];
        yield 'what follows the table' => ['[total] things, [share of r1] kettles', []];
    }

    /** @param list<string> $nowhere */
    #[DataProvider('texts')]
    public function testANumberOnTheStageIsOneOfTheFiguresOrIsAskedAbout(string $text, array $nowhere): void
    {
        $piece = Sample::piece(self::FIGURES, changes: ['words.0.text' => $text]);
        self::assertSame($nowhere, array_column(StatedNumbers::nowhere($piece), 1));
    }

    public function testAWholeThatIsGivenMakesSharesOfEveryColumn(): void
    {
        $changes = ['words.0.text' => '51.2 % and 64 % of 1,000 kettles', 'tables.0.whole' => '1000'];
        self::assertSame([], StatedNumbers::nowhere(Sample::piece(self::FIGURES, changes: $changes)));
    }

    public function testNothingIsAskedWhereACellIsWorkedOut(): void
    {
        foreach (['rest', '=SUM([.B2:.B3])'] as $cell) {
            $figures = "Kettles\t512\nLamps\t287\nToys\t{$cell}";
            $piece = Sample::piece($figures, changes: ['words.0.text' => '1,598 things']);
            self::assertSame([], StatedNumbers::nowhere($piece));
        }
    }
}
