<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Spoken;

use Lupine\Core\Form\Forms;
use Lupine\Core\Formats\TableText;
use Lupine\Core\Formats\ToldPiece;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Script\Beats;
use Lupine\Core\Script\WrittenScript;
use Lupine\Core\Spoken\ToldChart;
use Lupine\Core\Spoken\ToldFigure;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ToldChartTest extends TestCase
{
    /** @return iterable<string, array{string, string, string}> a text, the table that it tells, and the whole */
    public static function texts(): iterable
    {
        yield 'shares and the rest' => [
            'Four in ten were kettles, 23 per cent lamps, and the rest was clothing.',
            'Kettles=40%; Lamps=23%; Clothing=rest',
            '',
        ];
        yield 'names before their numbers' => [
            'Small appliances were 41%. Lamps made up 23%, clothing 16%.',
            'Small appliances=41%; Lamps=23%; Clothing=16%',
            '',
        ];
        yield 'parts of what is left' => [
            'A quarter were bikes. Half of the rest were toys, and the remainder was clothing.',
            'Bikes=25%; Toys=37.5%; Clothing=rest',
            '',
        ];
        yield 'thirds stay thirds' => [
            'Seventy-eight per cent were kettles. Two thirds of the rest were lamps.',
            'Kettles=78%; Lamps=44/3%',
            '',
        ];
        yield 'amounts' => [
            'In spring we mended 120 bikes, then 86 radios, and two hundred and ten heaters. In 2024 it was quiet.',
            'Bikes=120; Radios=86; Heaters=210',
            '',
        ];
        yield 'a whole and its parts' => [
            'Neighbours carried 1,248 things through our door. Half were kettles; a third were lamps and lights.',
            'Kettles=50%; Lamps and lights=100/3%',
            '1248',
        ];
        yield 'nothing told' => ['We opened at nine. One of us made tea.', '', ''];
    }

    #[DataProvider('texts')]
    public function testATextTellsItsChart(string $text, string $figures, string $whole): void
    {
        $chart = ToldChart::of(WrittenScript::read($text)->lines);
        self::assertSame($figures, implode('; ', array_map(
            static fn (ToldFigure $figure): string => $figure->label.'='.$figure->cell,
            $chart->isTold() ? $chart->figures : [],
        )));
        self::assertSame($whole, $chart->whole);
        self::assertSame($whole === '' ? '' : '1,248 things', $chart->title);
        self::assertSame($figures !== '', $chart->isTold());
    }

    public function testANameThatIsNoneIsMarkedAsAGuess(): void
    {
        $text = 'Four in ten were kettles. She told us that 23 per cent never worked again, and the rest was clothing.';
        $guesses = [];
        foreach (ToldChart::of(WrittenScript::read($text)->lines)->figures as $figure) {
            $guesses[$figure->label] = $figure->isGuess;
        }
        self::assertSame(['Kettles' => false, 'Never worked again' => true, 'Clothing' => false], $guesses);
    }

    public function testItBecomesAPieceWithLinesAndPins(): void
    {
        $script = WrittenScript::read('Last year was busy. Four in ten were kettles, 23 per cent lamps, and the rest was clothing.');
        $chart = ToldChart::of($script->lines);
        $table = TableText::understood("Kettles\t40%\nLamps\t23%\nClothing\trest")->table;
        $words = array_map(static fn (ToldFigure $one): array => [$one->line, $one->from], $chart->figures);
        $forms = Forms::shipped();
        $document = ToldPiece::document($script, $table, $forms->named('donut'), 'What came in', $words);
        $piece = Piece::fromJson(json_encode($document, JSON_THROW_ON_ERROR), $forms);
        $beats = new Beats($piece);
        $named = [];
        foreach ($piece->moves as $move) {
            self::assertNotNull($move->pin);
            $named[] = $beats->named($move->pin);
        }
        self::assertSame(['Four', '23', 'the'], $named);
        self::assertGreaterThan($piece->narration->lines[1]->end, $piece->stage->frames);
    }
}
