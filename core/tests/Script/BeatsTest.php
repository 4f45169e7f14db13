<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Script;

use Lupine\Core\Piece\Pin;
use Lupine\Core\Script\Beats;
use Lupine\Core\Script\Laid;
use Lupine\Core\Script\SpokenText;
use Lupine\Core\Settings\Field;
use Lupine\Core\Settings\Group;
use Lupine\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

final class BeatsTest extends TestCase
{
    private const LINES = [
        'script.lines' => [['id' => 'l1', 'text' => '  “Four in ten”  were kettles. ', 'begin' => 30, 'end' => 90]],
    ];

    public function testWordsShareTheTimeOfTheirLineByTheirLetters(): void
    {
        $piece = Sample::piece(changes: self::LINES);
        $words = (new Beats($piece))->words($piece->narration->lines[0]);

        self::assertSame(
            ['“Four', 'in', 'ten”', 'were', 'kettles.'],
            array_column(array_map(static fn ($word): array => ['text' => $word->text], $words), 'text'),
        );
        $frames = array_map(static fn ($word): int => $word->frame, $words);
        self::assertSame(30, $frames[0]);
        $sorted = $frames;
        sort($sorted);
        self::assertSame($sorted, $frames);
        self::assertLessThan(90, $frames[4]);
        // Letters before “ten”: 5 + 1 and 2 + 1 of 28 in all; 60 frames.
        self::assertSame(30 + intdiv(60 * 9, 28), $frames[2]);
    }

    public function testAPinIsAWordWithAnOffset(): void
    {
        $beats = new Beats(Sample::piece(changes: self::LINES));
        $pin = static fn (array $fields): Pin => Group::of(Pin::class)->read(
            Field::root(['line' => 'l1', ...$fields]),
        );

        self::assertSame(30 + intdiv(60 * 9, 28) - 3, $beats->frameOf($pin(['word' => 2, 'offset' => -3])));
        self::assertSame(30, $beats->frameOf($pin(['word' => null])));
        self::assertSame(
            0,
            $beats->frameOf($pin(['word' => null, 'offset' => -500])),
            'nothing begins before the piece',
        );
        self::assertNull($beats->frameOf($pin(['word' => 9])), 'there is no such word');
        self::assertNull($beats->frameOf($pin(['line' => 'gone'])));
        self::assertSame('ten', $beats->named($pin(['word' => 2])), 'shown without its punctuation');
        self::assertStringStartsWith('“Four in ten', $beats->named($pin(['word' => null])));
    }

    public function testARecordingSaysWhenWordsAreSaid(): void
    {
        $words = static fn (array $lines, array $recording): array => array_map(
            static fn ($word): array => [$word->text, $word->frame, $word->sure, $word->isByHand, $word->found],
            (static fn ($piece) => (new Beats($piece))->words($piece->narration->lines[0]))(Sample::piece(changes: [
                'script' => ['lines' => $lines, 'recordings' => [$recording], 'recording' => 'r1'],
            ])),
        );
        $recording = [
            'id' => 'r1', 'name' => 'A reading', 'sound' => str_repeat('a1', 32), 'length' => 10_000, 'begin' => 12,
            'from' => 500, 'to' => 9000, 'level' => 1, 'scratch' => null,
            'heard' => [['line' => 'l1', 'words' => [
                ['text' => 'Four', 'at' => 1500, 'end' => 1700, 'sure' => 0.9],
                ['text' => 'in', 'at' => 1700, 'end' => 1800, 'sure' => 0.3],
                ['text' => 'ten', 'at' => 2000, 'end' => 2500, 'hand' => true, 'found' => 1900],
                ['text' => 'were', 'at' => 200, 'end' => 300],
            ]]],
        ];
        // 30 frames a second; the recording begins on frame 12 with what is said half a second into it.
        self::assertSame(
            [['Four', 42, 0.9, false, null], ['in', 48, 0.3, false, null], ['ten', 57, 1.0, true, 54]],
            $words([['id' => 'l1', 'text' => 'Four in ten', 'begin' => 0, 'end' => 90]], $recording),
        );
        // A word that is not said stands between those that are; one that was trimmed away, where the recording begins.
        self::assertSame(
            [['About', 0, null, false, null], ['“four”', 42, 0.9, false, null], ['were', 12, 1.0, false, null]],
            $words([['id' => 'l1', 'text' => 'About “four” were', 'begin' => 0, 'end' => 90]], $recording),
        );
    }

    public function testLinesAreLaidWhereTheyAreSaidAndGiveWay(): void
    {
        $word = static fn (string $text, float $at, float $end): array => ['text' => $text, 'at' => $at, 'end' => $end];
        $piece = Sample::piece(changes: ['script' => [
            'lines' => [
                ['id' => 'l1', 'text' => 'One two', 'begin' => 0, 'end' => 9],
                ['id' => 'l2', 'text' => 'Three', 'begin' => 10, 'end' => 19],
                ['id' => 'l3', 'text' => 'Never said', 'begin' => 200, 'end' => 219],
            ],
            'recordings' => [['id' => 'r1', 'name' => 'Times', 'sound' => null, 'length' => 10_000, 'heard' => [
                ['line' => 'l1', 'words' => [$word('One', 1000, 1400), $word('two', 1400, 2010)]],
                ['line' => 'l2', 'words' => [$word('Three', 2000, 2600)]],
            ]]],
            'recording' => 'r1',
        ]]);
        self::assertSame(
            ['l1' => ['begin' => 30, 'end' => 60], 'l2' => ['begin' => 60, 'end' => 85]],
            Laid::byRecording($piece->narration, $piece->stage),
        );
        // Ten words at 150 a minute are four seconds; then a pause of 0.4.
        self::assertSame(
            [['begin' => 5, 'end' => 125], ['begin' => 137, 'end' => 152]],
            Laid::byPace([implode(' ', array_fill(0, 10, 'word')), ''], 150, $piece->stage, 5),
        );
    }

    public function testSignsFiguresAndAbbreviationsAreSaidAsWords(): void
    {
        foreach ([
            '41 % of 1,248 things' => 'forty-one per cent of one thousand two hundred and forty-eight things',
            '2.5 kg, e.g. in 2024.' => 'two point five kilograms, for example in twenty twenty-four.',
            'toys & lamps – £30' => 'toys and lamps  thirty pounds',
            '½ of no. 7, 1 h, 10–12%' => 'a half of number seven, one hour, ten to twelve per cent',
            '1908 −4 20°C $2bn 3/4' => 'nineteen oh eight minus four twenty degrees Celsius two billion dollars three quarters',
        ] as $written => $said) {
            self::assertSame($said, implode(' ', SpokenText::of(Beats::split($written))));
        }
    }
}
