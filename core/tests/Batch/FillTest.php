<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Batch;

use Lupine\Core\Batch\Fill;
use Lupine\Core\Batch\Filled;
use Lupine\Core\Batch\NamedTable;
use Lupine\Core\Batch\Split;
use Lupine\Core\Batch\UnfitTable;
use Lupine\Core\Form\Forms;
use Lupine\Core\Formats\Svg;
use Lupine\Core\Formats\TableText;
use Lupine\Core\Import\Grid;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Script\Beats;
use Lupine\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

final class FillTest extends TestCase
{
    private const MILL_LANE = "What\tThings\nToys\t10\nLamps and lights\t20\nSmall appliances\t60\nBooks\t10";

    public function testRowsKeepWhatIsTheirsAndWordsSayWhatTheTableSays(): void
    {
        $document = Sample::document(changes: [
            'charts.0.own' => ['r1' => ['out' => 30], 'r3' => ['out' => 12]],
            'words.0.text' => 'What [table] mended: [total]',
            'charts.0.words.centre' => ['figure' => null, 'caption' => 'at [table]'],
        ]);
        $filled = $this->filled($document, self::MILL_LANE, 'Mill Lane');
        $piece = self::read($filled);
        self::assertSame(['Mill Lane', 'Mill Lane'], [$piece->title, $piece->tables[0]->name]);
        // Ids go with names: of those that stay, one is written a little otherwise.
        $rows = array_column($piece->tables[0]->rows, null, 'id');
        self::assertSame(['60', '20', '10'], [$rows['r1']->cells[0], $rows['r2']->cells[0], $rows['r5']->cells[0]]);
        self::assertSame(['r1'], array_keys(get_object_vars((object) $filled->document->charts[0]->own)));
        // A title and the caption in the middle say whose figures they are, on the picture itself.
        $svg = Svg::ofFrame(Sample::draw($piece), 239);
        self::assertStringContainsString('aria-label="What Mill Lane"', $svg);
        self::assertStringContainsString('aria-label="mended: 100"', $svg);
        self::assertStringContainsString('aria-label="at Mill Lane"', $svg);
        self::assertSame(['“Clothing”, “Bicycles” are not in this table.', '“Books” is new.'], $filled->remarks);
    }

    /** What is pinned stays on the words that it was pinned to, however many words a figure is said in. */
    public function testTheScriptSaysTheFiguresAndPinsStayOnTheirWords(): void
    {
        $line = 'In [table] we mended [total] things, [share of r1] of them [name of r1], before noon.';
        $document = Sample::document(changes: [
            'script.lines' => [['id' => 'l1', 'text' => $line, 'begin' => 0, 'end' => 200]],
        ]);
        $words = Beats::split($line);
        $noon = count($words) - 1;
        $things = array_search('things,', $words, true);
        $pin = static fn (int|false $word): array => ['line' => 'l1', 'word' => $word, 'offset' => 0];
        $move = static fn (string $id, array $pin): array => [
            'id' => $id, 'kind' => 'emphasis', 'target' => ['chart' => 'chart1', 'figure' => 'r1'], 'begin' => 5,
            'frames' => 10, 'curve' => 'linear', 'pin' => $pin, 'emphasis' => ['how' => 'lift'],
        ];
        $document['moves'] = [$move('m1', $pin($noon)), $move('m2', $pin($things))];
        $filled = $this->filled($document, self::MILL_LANE, 'The Mill Lane Hall');
        $text = $filled->document->script->lines[0]->text;
        self::assertSame(
            'In The Mill Lane Hall we mended 100 things, 60% of them Small appliances, before noon.',
            $text,
        );
        $now = Beats::split($text);
        self::assertSame(['noon.', 'things,'], array_map(
            static fn (\stdClass $one): string => $now[$one->pin->word],
            array_slice($filled->document->moves, 0, 2),
        ));
    }

    public function testATableWithoutWhatThePieceShowsIsRefused(): void
    {
        $document = Sample::document("What\t2024\t2025\nKettles\t4\t6\nLamps\t6\t4");
        $document['charts'][0]['column'] = 'c2';
        $one = $this->filled($document, "What\tThings\nKettles\t7\nLamps\t3", 'One');
        self::assertSame('2025', self::read($one)->tables[0]->columns[0]->name, 'its only column is the one that is shown');
        $this->expectException(UnfitTable::class);
        $this->expectExceptionMessage('no column “2025”');
        $this->filled($document, "What\t2023\t2024\nKettles\t7\t1\nLamps\t3\t1", 'Two');
    }

    public function testATableIsDividedByNamesAndByColumns(): void
    {
        $grid = new Grid('all', [
            ['Repairs of the year'],
            ['Place', 'Kind', 'Last year', 'This year'],
            ['North', 'Kettles', '4', '5'],
            ['2', 'Kettles', '6', '7'],
            ['North', 'Lamps', '1', '2'],
            ['2', 'Lamps', 'three', ''],
            ['East', '', '', ''],
        ]);
        [$tables, $wrong] = Split::byNames($grid, 0);
        self::assertSame(['North', '2'], array_map(static fn (NamedTable $one): string => $one->name, $tables));
        self::assertSame(['East'], array_map(strval(...), array_keys($wrong)));
        $north = $tables[0]->table;
        self::assertSame([['Kettles', ['4', '5']], ['Lamps', ['1', '2']]], array_map(
            static fn (object $row): array => [$row->label, $row->cells],
            $north->rows,
        ));
        $columns = Split::byColumns($north);
        self::assertSame(['Last year', 'This year'], array_column($columns, 'name'));
        self::assertSame(['5', '2'], array_map(
            static fn (object $row): string => $row->cells[0],
            $columns[1]->table->rows,
        ));
    }

    /** @param array<string, mixed> $document */
    private function filled(array $document, string $table, string $name): Filled
    {
        $json = json_encode($document, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION);
        $forms = Forms::shipped();
        $fill = new Fill((object) json_decode($json), Piece::fromJson($json, $forms), $forms);

        return $fill->with(new NamedTable($name, TableText::read($table)), 't1');
    }

    private static function read(Filled $filled): Piece
    {
        return Piece::fromJson(
            json_encode($filled->document, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION),
            Forms::shipped(),
        );
    }
}
