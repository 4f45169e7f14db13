<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Proof;

use Lupine\Core\Figures\ImpossibleFigures;
use Lupine\Core\Form\Forms;
use Lupine\Core\Legibility\Check;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Tests\Rounds;
use Lupine\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Faults of words, of looks and of the script are found in every form, and none is found where there is none. */
final class FaultsTest extends TestCase
{
    private const NOTE = [
        'id' => 'note1', 'text' => 'A note', 'role' => 'note', 'x' => 200.0, 'y' => 1000.0, 'width' => 700.0,
        'align' => 'left', 'upperCase' => false, 'font' => 'figtree-bold', 'size' => 44.0, 'colour' => '#ffffff',
        'placedBy' => 'hand',
    ];
    private const WHOLES = ['pie', 'donut', 'strip', 'ribbon'];
    private const ALL = ['pie', 'donut', 'rings', 'bars', 'columns', 'area', 'strip', 'ribbon', 'tilted'];

    /** What the narrator says instead of the first line: of which table, and what has to be said of it. */
    private const SAID = [
        ['kinds', 'Kettles were 521 of them.', 'says “521” for Kettles; the table has 512'],
        ['kinds', 'Lamps were 32 per cent.', 'says “32 per cent” for Lamps'],
        ['kinds', 'Two thirds of them were kettles.', 'says “Two thirds” for Kettles'],
        ['kinds', 'One in three was a toy.', 'says “One in three” for Toys'],
        ['kinds', 'In all, 1,428 things came in.', 'for the whole; the table has 1,248'],
        ['kinds', 'Clothing and toys together were 320.', 'for Clothing and Toys; the table has 299'],
        ['kinds', 'There were 40 more bicycles than toys.', 'for Bicycles beside Toys; the table has 50'],
        ['kinds', 'Kettles were three times as many as lamps.', 'for Kettles beside Lamps, which means 3 ×'],
        ['kinds', 'Lamps were the largest group.', 'Kettles is the largest'],
        ['kinds', 'Clothing was the smallest of them.', 'Toys is the smallest'],
        ['kinds', 'More toys than bicycles came in.', 'Toys is 100, Bicycles 150'],
        ['kinds', 'There were fewer lamps than toys.', 'Lamps is 287, Toys 100'],
        ['kinds', 'Most of them were lamps.', 'Lamps is 23 % of the whole'],
        ['kinds', 'We weighed 3,333 of them.', 'narrator’s “3,333” is nowhere in the figures'],
        ['kinds', 'It was 3:1 for lamps.', '“3:1” is not understood'],
        ['two', 'Two in five were mended.', 'says “Two in five” for Mended'],
        ['two', 'Half of them were beyond us.', 'says “Half” for Beyond us'],
        ['seasons', 'Summer kept 290 kilos and a half.', 'for Summer'],
        ['seasons', 'Spring was twice as heavy as autumn.', 'for Spring beside Autumn, which means 2 ×'],
        ['days', 'Friday had 32 hours.', 'says “32” for Friday; the table has 22'],
        ['days', 'Monday was the highest.', 'Saturday is the largest'],
    ];

    /** @return iterable<string, array{array<string, mixed>, string, list<string>}> changes, what is said, forms */
    public static function faults(): iterable
    {
        yield 'a title over the edge' => [
            ['words.0.placedBy' => 'hand', 'words.0.x' => 1500.0, 'words.0.width' => 2000.0],
            'runs over the edge of the stage', self::ALL,
        ];
        yield 'a note on a title' => [
            ['words.0.placedBy' => 'hand', 'words.0.x' => 1100.0, 'words.0.y' => 300.0,
                'words.1' => [...self::NOTE, 'x' => 1110.0, 'y' => 310.0]],
            'overlap', ['donut', 'bars'],
        ];
        yield 'a text too small' => [['words.1' => [...self::NOTE, 'size' => 10.0]], '10 pixels high', self::ALL];
        yield 'a text as dark as the ground' => [
            ['words.1' => [...self::NOTE, 'colour' => '#203834']], 'has too little contrast', self::ALL,
        ];
        yield 'a dark text in a corner that the vignette darkens' => [
            [
                'backdrop' => ['kind' => 'colour', 'colour' => '#e8e0d0', 'edge' => '#e8e0d0', 'vignette' => 0.9],
                'words.1' => [...self::NOTE, 'x' => 30.0, 'y' => 1060.0, 'colour' => '#203834'],
            ],
            '“A note” has too little contrast', ['donut'],
        ];
        yield 'a sign that the font has not' => [
            ['words.1' => [...self::NOTE, 'text' => 'Kettles 漢']], 'no character for 漢', ['donut'],
        ];
        yield 'a title that nobody gave' => [['words.0.text' => Piece::UNNAMED], 'still says', ['donut']];
        yield 'a text that goes before it is read' => [
            [
                'words.1' => [...self::NOTE, 'text' => 'All that came in this year, counted at the door'],
                'moves' => [self::fade(0.0, 0, 1), self::fade(1.0, 200, 4), self::fade(0.0, 220, 4)],
            ],
            'it takes about', ['donut', 'columns'],
        ];
        yield 'a caption that goes before it is read' => [
            ['script.lines.0.text' => str_repeat('All that came in was looked at. ', 4)],
            'characters per second', ['donut'],
        ];
        yield 'a text that says another number of a figure' => [
            ['words.1' => [...self::NOTE, 'text' => '519 kettles']], 'says 519 of Kettles', ['donut', 'bars'],
        ];
        yield 'a text that says a share that is none' => [
            ['words.0.text' => 'Two thirds were kettles'], 'says 66.7 % of Kettles', ['donut'],
        ];
        yield 'a text that counts wrongly' => [
            ['words.1' => [...self::NOTE, 'text' => 'Seven kinds of things']], '“Seven” in', ['donut'],
        ];
        yield 'a text with a number of nothing' => [
            ['words.1' => [...self::NOTE, 'text' => 'We weighed 3,333 of them']], '“3,333” in', ['donut'],
        ];
        yield 'a text that says what is the largest' => [
            ['words.1' => [...self::NOTE, 'text' => 'Toys: the largest group']], 'Kettles is the largest', ['donut'],
        ];
        yield 'parts of one colour' => [
            ['charts.0.own' => ['r1' => ['colour' => '#e04030'], 'r2' => ['colour' => '#e04131']]],
            'look the same to everybody', self::WHOLES,
        ];
        yield 'parts that some people see alike' => [
            ['charts.0.own' => ['r1' => ['colour' => '#d64f4f'], 'r2' => ['colour' => '#5f9130']]],
            'look the same to people with reduced green vision', self::WHOLES,
        ];
        yield 'a part of the ground’s colour' => [
            ['backdrop' => ['kind' => 'colour', 'colour' => '#204040', 'edge' => '#204040', 'vignette' => 0],
                'charts.0.own' => ['r2' => ['colour' => '#214141']]],
            '“Lamps” has about the colour of the ground', self::ALL,
        ];
        yield 'a chart cut by the edge' => [
            ['charts.0.placedBy' => 'hand', 'charts.0.place' => ['x' => 60, 'y' => 540]],
            'is cut by the edge of the stage', self::ALL,
        ];
        yield 'a part too thin to be seen' => [
            ['tables.0.rows.4.cells.0' => '0.01'], '“Toys” is less than 0.1 pixels wide, too thin to be seen',
            ['pie', 'donut', 'bars', 'columns', 'strip'],
        ];
        yield 'a line after the film' => [['stage.frames' => 250], 'The film ends before', ['donut']];
        yield 'a number said long before its part is there' => [
            ['moves' => [[
                'id' => 'm1', 'kind' => 'entrance', 'target' => ['chart' => 'chart1', 'figure' => 'r1'], 'begin' => 400,
                'pin' => null, 'frames' => 20, 'curve' => 'linear', 'opens' => 'forward',
            ]]],
            'which comes in on frame', ['donut', 'bars'],
        ];
        yield 'percentages that leave some open' => [
            ['tables.0.rows' => [
                ['id' => 'r1', 'label' => 'Kettles', 'cells' => ['51 %']],
                ['id' => 'r2', 'label' => 'Lamps', 'cells' => ['40 %']],
                ['id' => 'r3', 'label' => 'Toys', 'cells' => ['3 %']],
            ]],
            'add up to 94', ['donut', 'pie'],
        ];
    }

    /**
     * @param array<string, mixed> $changes
     * @param list<string> $forms
     */
    #[DataProvider('faults')]
    public function testIsFoundInEveryForm(array $changes, string $said, array $forms): void
    {
        // Of many forms every second one, another one for each fault; in the long run all.
        $each = count($forms) > 3 ? Rounds::of(2, 1) : 1;
        foreach ($forms as $place => $form) {
            if (($place + crc32($said)) % $each !== 0) {
                continue;
            }
            $found = self::found(TruePiece::of('kinds', $form, $changes));
            self::assertStringContainsString($said, implode("\n", $found), $form);
        }
    }

    public function testWhatIsSaidOtherwiseIsFound(): void
    {
        foreach (self::SAID as [$table, $line, $said]) {
            $found = self::found(TruePiece::of($table, 'bars', ['script.lines.0.text' => $line]));
            self::assertStringContainsString($said, implode("\n", $found), $line);
            self::assertCount(1, $found, $line.' '.implode("\n", $found));
        }
    }

    /** Every table in every form that can show it, told as it is. */
    public function testNothingIsFoundInTruePieces(): void
    {
        $count = 0;
        foreach (TruePiece::names() as $name) {
            foreach (Forms::shipped()->names() as $place => $form) {
                if (($place + crc32($name)) % Rounds::of(2, 1) !== 0) {
                    continue;
                }
                try {
                    $found = self::found(TruePiece::of($name, $form));
                } catch (ImpossibleFigures) {
                    continue;
                }
                self::assertSame([], $found, $name.' as '.$form);
                ++$count;
            }
        }
        self::assertGreaterThan(45 / Rounds::of(3, 1), $count);
    }

    /** @return list<string> what proof says is wrong */
    private static function found(Piece $piece): array
    {
        $wrong = array_filter(Sample::prove($piece)->checks(), static fn (Check $check): bool => !$check->ok);

        return array_values(array_map(static fn (Check $check): string => $check->message, $wrong));
    }

    /** @return array<string, mixed> */
    private static function fade(float $to, int $begin, int $frames): array
    {
        return [
            'id' => 'm'.$begin, 'kind' => 'change', 'target' => ['words' => 'note1'], 'property' => 'opacity',
            'from' => null, 'to' => $to, 'begin' => $begin, 'pin' => null, 'frames' => $frames, 'curve' => 'linear',
            'opens' => 'forward',
        ];
    }
}
