<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Import;

use Lupine\Core\Form\Forms;
use Lupine\Core\Formats\TableText;
use Lupine\Core\Import\Again;
use Lupine\Core\Import\AgainPlan;
use Lupine\Core\Import\AgainRow;
use Lupine\Core\Import\Taking;
use Lupine\Core\Motion\Moves;
use Lupine\Core\Piece\Column;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Piece\Row;
use Lupine\Core\Script\Beats;
use Lupine\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

/** New figures for a table that is there. */
final class AgainTest extends TestCase
{
    private const OLD = "Kind\t2022\t2023\nKettles\t5\t6\nLamps & lights\t4\t4\nToys\t3\t2\nBooks\t1\t1";

    public function testRowsKeepWhatIsTheirOwn(): void
    {
        [$piece, $document] = self::piece();
        $plan = self::plan($piece, "Kind,2022,2023\nChairs,9,9\nlamps and lights,4,7\nKettles,5,6\nToy,3,2");
        self::assertSame(
            [
                ['fresh', 'r5', 'Chairs'],
                ['same', 'r1', 'Kettles'],
                ['changed', 'r2', 'lamps and lights'],
                ['changed', 'r3', 'Toy'],
                ['gone', 'r4', 'Books'],
            ],
            array_map(static fn (AgainRow $row): array => [$row->kind, $row->id, $row->label], $plan->rows),
        );
        self::assertSame([['2023', '4', '7']], $plan->rows[2]->cells);
        self::assertSame('alike', $plan->rows[3]->how);
        self::assertSame(['r4'], $plan->gone());

        $after = $plan->document($document, ['r1' => '#123456']);
        $read = Piece::fromJson((string) json_encode($after), Forms::shipped());
        self::assertSame('#ff0000', $read->charts[0]->own('r2')->colour);
        self::assertSame('#123456', $read->charts[0]->own('r5')->colour);
        // What was said of the row that goes, goes with it.
        self::assertObjectNotHasProperty('r4', $after->charts[0]->own);
        self::assertSame(['move1'], array_map(static fn (object $move): string => $move->id, $read->moves));
        self::assertNull($after->charts[0]->words->centre->figure);
        self::assertSame('#00ff00', $document->charts[0]->own->r4->colour);
    }

    public function testANewRowComesInAfterTheOneBeforeItWhereThatHasItsMoment(): void
    {
        [$piece, $document] = self::piece();
        $plan = self::plan($piece, "Kind,2022,2023\nKettles,5,6\nChairs,9,9\nTables,8,8\nLamps & lights,4,4\nToys,3,2");
        $read = Piece::fromJson((string) json_encode($plan->document($document)), Forms::shipped());
        $begins = [];
        foreach ((new Moves($read, new Beats($read)))->all() as $id => $move) {
            $begins[$id] = $move->begin;
        }
        self::assertSame(['move1' => 10, 'm1' => 22, 'm2' => 34], $begins);
    }

    public function testARowIsFoundByAllWordsOfItsName(): void
    {
        [$piece] = self::piece();
        $plan = self::plan($piece, "Kind,2022,2023\nKettles,5,6\nLamps & lights,4,4\nToys and games,3,5\nOld books,1,1");
        $rows = array_map(static fn (AgainRow $row): string => $row->id.' '.$row->label.' '.$row->how, $plan->rows);
        self::assertContains('r3 Toys and games alike', $rows);
        self::assertContains('r4 Old books alike', $rows);
    }

    public function testAHandSaysWhichRowIsWhichAndWhatStays(): void
    {
        [$piece] = self::piece();
        $text = "Kind,2022,2023\nChairs,9,9\nKettles,5,6\nToy,3,2";
        $plan = self::plan($piece, $text, ['r1' => 'r4', 'r3' => ''], ['r2']);
        $kinds = array_map(static fn (AgainRow $row): string => $row->id.' '.$row->kind.' '.$row->how, $plan->rows);
        self::assertSame(
            ['r1 same label', 'r5 fresh label', 'r2 kept label', 'r3 gone label', 'r4 changed hand'],
            $kinds,
        );
        self::assertSame(
            [['Kettles', '5', '6'], ['Toy', '3', '2'], ['Lamps & lights', '4', '4'], ['Chairs', '9', '9']],
            array_map(static fn (Row $row): array => [$row->label, ...$row->cells], $plan->table->rows),
        );
    }

    public function testColumnsAreFoundByTheirMomentAndThoseShownStay(): void
    {
        [$piece] = self::piece();
        $plan = self::plan($piece, "Kind,2024,2023\nKettles,8,7");
        // 2022 is shown by the chart, and stays; what comes stands in the order of time.
        self::assertSame(
            ['2022', '2023', '2024'],
            array_map(static fn (Column $column): string => $column->name, $plan->table->columns),
        );
        self::assertSame(['5', '7', '8'], $plan->table->rows[0]->cells);
        $ids = array_map(static fn (Column $column): string => $column->id, $plan->table->columns);
        self::assertSame(['c1', 'c2', 'c3'], $ids);
        self::assertStringContainsString('“2022” is not in the file', implode(' ', $plan->remarks));
    }

    /** What takes the square of its length would take a minute here: 5,000 names, and none of them is the same. */
    public function testFiveThousandNewNamesAreNotComparedLetterByLetter(): void
    {
        $table = static fn (string $kind, int $count): string => implode("\n", array_map(
            static fn (int $number): string => $kind.' '.md5((string) $number).','.$number,
            range(1, $count),
        ));
        $time = static function (int $count) use ($table): array {
            $piece = Sample::piece($table('Kind', $count), form: 'bars');
            $new = TableText::read($table('Sort', $count));
            $began = hrtime(true);
            $plan = Again::plan($piece, $piece->tables[0], $new);

            return [(hrtime(true) - $began) / 1e9, $plan];
        };
        [$eighth] = $time(625);
        [$whole, $plan] = $time(5000);
        self::assertLessThan(max(0.5, 24 * $eighth), $whole);
        self::assertStringStartsWith('5,000 names are new and 5,000 are gone', $plan->remarks[0]);
        $kinds = array_count_values(array_column($plan->rows, 'kind'));
        self::assertSame(['fresh' => 5000, 'gone' => 5000], $kinds);
    }

    /**
     * @param array<string, string> $byHand
     * @param list<string> $kept
     */
    private static function plan(Piece $piece, string $text, array $byHand = [], array $kept = []): AgainPlan
    {
        $taken = Taking::from(TableText::grid($text, 'x'), null, $piece->tables[0]->id);

        return Again::plan($piece, $piece->tables[0], $taken->table, $byHand, $kept);
    }

    /** @return array{Piece, \stdClass} */
    private static function piece(): array
    {
        $when = ['begin' => 10, 'pin' => null, 'frames' => 12];
        $move = ['kind' => 'entrance', ...$when, 'curve' => 'ease', 'opens' => 'forward'];
        $document = Sample::document(self::OLD, [
            'charts.0.own' => ['r2' => ['colour' => '#ff0000'], 'r4' => ['colour' => '#00ff00']],
            'charts.0.words.centre.figure' => 'r4',
            'moves' => [
                ['id' => 'move1', 'target' => ['chart' => 'chart1', 'figure' => 'r1'], ...$move],
                ['id' => 'move2', 'target' => ['chart' => 'chart1', 'figure' => 'r4'], ...$move],
            ],
        ]);
        $json = (string) json_encode($document);
        $object = json_decode($json);
        self::assertInstanceOf(\stdClass::class, $object);

        return [Piece::fromJson($json, Forms::shipped()), $object];
    }
}
