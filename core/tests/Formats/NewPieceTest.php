<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Formats;

use Lupine\Core\Form\Forms;
use Lupine\Core\Formats\NewPiece;
use Lupine\Core\Formats\TableText;
use Lupine\Core\Legibility\Check;
use Lupine\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A piece that was just made can be shown as it is: exact, and nothing runs over the edge. */
final class NewPieceTest extends TestCase
{
    /** @return iterable<string, array{string, string}> */
    public static function tables(): iterable
    {
        yield 'five kinds' => [Sample::FIGURES, 'donut'];
        yield 'one' => ["All of it\t1", 'pie'];
        yield 'twenty, with long labels' => [
            implode(
                "\n",
                array_map(
                    static fn (int $row): string => "Everything of kind {$row} that came through the side door\t{$row}",
                    range(1, 20),
                ),
            ),
            'donut',
        ];
        yield 'money' => ["Parts\t€12,400\nTools\t€3,250.50\nTea\t€99", 'pie'];
        yield 'huge and tiny' => ["Screws\t1234567890\nKettles\t3", 'donut'];
    }

    /** what is true of tables as such, whatever stands where */
    private const OF_THE_TABLE = '/hard to tell apart|too thin to be seen/';

    #[DataProvider('tables')]
    public function testItStandsByItself(string $figures, string $form): void
    {
        $piece = Sample::piece($figures, [], $form);
        $proof = Sample::prove($piece);

        self::assertTrue($proof->isExact());
        $failed = array_filter(
            $proof->checks(),
            static fn (Check $check): bool => !$check->ok && preg_match(self::OF_THE_TABLE, $check->message) !== 1,
        );
        self::assertSame([], $failed);
        $legend = $piece->charts[0]->words->legend;
        self::assertNotNull($legend);
        self::assertLessThan(
            1080,
            $legend->y + (count($piece->tables[0]->rows) - 1) * $legend->spacing * $legend->style->size,
        );
    }

    /** How parts come in by themselves: a whole in one sweep, an area up from its baseline, a line as it is drawn. */
    public function testEachFormOpensAsItShould(): void
    {
        $months = "January\t5\nFebruary\t3\nMarch\t4";
        $table = TableText::understood($months)->table;
        $opens = static function (string $form) use ($table): array {
            $entrance = NewPiece::document($table, Forms::shipped()->named($form), 'New')['charts'][0]['entrance'];

            return [$entrance['order'], $entrance['opens']];
        };
        self::assertSame(['one', 'forward'], $opens('pie'));
        self::assertSame(['after', 'forward'], $opens('line'));
        self::assertSame(['overlapping', 'baseline'], $opens('area'));
    }

    /** @return iterable<string, array{string, string}> names of parts, in which order they stand */
    public static function orders(): iterable
    {
        yield 'months' => ['January, February, March', 'sheet'];
        yield 'months, short, with years' => ['Nov 2023, Dec 2023, Jan 2024', 'sheet'];
        yield 'weekdays as they are written' => ['Mon, Tue, Wed', 'sheet'];
        yield 'quarters' => ['Q1, Q2, Q3', 'sheet'];
        yield 'kinds' => ['Kettles, Lamps, May Day posters', 'descending'];
        yield 'one' => ['May', 'descending'];
    }

    #[DataProvider('orders')]
    public function testMonthsAndWeekdaysKeepTheOrderOfTheSheet(string $names, string $order): void
    {
        $rows = array_map(
            static fn (string $name, int $row): string => $name."\t".($row * 7 % 11 + 3),
            explode(', ', $names),
            range(1, count(explode(', ', $names))),
        );
        self::assertSame($order, Sample::piece(implode("\n", $rows))->charts[0]->form->order());
    }
}
