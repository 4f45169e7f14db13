<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Script;

use Lupine\Core\Desk\ScriptSheet;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Piece\ScriptLine;
use Lupine\Core\Script\Departure;
use Lupine\Core\Script\Departures;
use Lupine\Core\Script\Laid;
use Lupine\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

final class DeparturesTest extends TestCase
{
    public function testEachIsNamedAtItsPlaceUntilItIsSettled(): void
    {
        $found = Departures::of(self::piece());
        self::assertSame(
            [
                [Departure::FIGURE, 'l1', 36, 'After “Four in ten” the recording may say another number.'],
                [Departure::UNSAID, 'l1', 48, 'The recording does not say “small”.'],
                [Departure::AGAIN, 'l2', 90, 'The recording says “Then the lamps” twice; it is written once.'],
                [Departure::UNSAID, 'l3', 120, 'The recording does not say “And nobody knows why”.'],
                [
                    Departure::UNWRITTEN,
                    'l4',
                    210,
                    'After “Bikes made the rest” the recording says something that is not written.',
                ],
            ],
            array_map(
                static fn (Departure $one): array => [$one->kind, $one->line, $one->begin, $one->message],
                $found,
            ),
        );
        self::assertSame([0, null, 1, null, 2], array_column($found, 'index'), 'left ones keep their places');
    }

    public function testALineThatIsNotSaidTakesNoTimeAndIsNoCaption(): void
    {
        $piece = self::piece();
        $laid = Laid::byRecording($piece->narration, $piece->stage);
        self::assertSame(['begin' => 120, 'end' => 121], $laid['l3']);
        self::assertSame(120, $laid['l4']['begin']);
        self::assertLessThanOrEqual(120, $laid['l2']['end'], 'the line before it ends there');
        $captioned = array_map(static fn (ScriptLine $line): string => $line->id, $piece->narration->captioned());
        self::assertSame(['l1', 'l2', 'l4'], $captioned);
    }

    public function testACommaOrACapitalDoesNotMakeAnotherWord(): void
    {
        $piece = self::piece([['id' => 'l2', 'text' => 'then, the “Lamps”!', 'begin' => 60, 'end' => 90]]);
        self::assertSame([0, 1, 2], ScriptSheet::script($piece)['heard']['reading']['l2']);
        $other = self::piece([['id' => 'l2', 'text' => 'Then all the lamps.', 'begin' => 60, 'end' => 90]]);
        self::assertSame([0, null, 1, 2], ScriptSheet::script($other)['heard']['reading']['l2']);
    }

    /** @param list<array<string, mixed>>|null $lines */
    private static function piece(?array $lines = null): Piece
    {
        $word = static fn (string $text, float $at, array $more = []): array => [
            'text' => $text, 'at' => $at, 'end' => $at + 150, 'sure' => 0.9, ...$more,
        ];
        $unsaid = ['sure' => 0, 'unsaid' => true];

        return Sample::piece(changes: [
            'script.lines' => $lines ?? [
                ['id' => 'l1', 'text' => 'Four in ten were small.', 'begin' => 30, 'end' => 60],
                ['id' => 'l2', 'text' => 'Then the lamps.', 'begin' => 60, 'end' => 90],
                ['id' => 'l3', 'text' => 'And nobody knows why.', 'begin' => 90, 'end' => 91],
                ['id' => 'l4', 'text' => 'Bikes made the rest', 'begin' => 120, 'end' => 150],
            ],
            'script.recording' => 'reading',
            'script.recordings' => [[
                'id' => 'reading', 'name' => 'A reading', 'sound' => str_repeat('a', 64), 'length' => 10_000,
                'begin' => 0, 'from' => 0, 'to' => 10_000, 'level' => 1, 'scratch' => null,
                'heard' => [
                    ['line' => 'l1', 'words' => [
                        $word('Four', 1000), $word('in', 1100), $word('ten', 1200), $word('were', 1500),
                        $word('small.', 1600, $unsaid),
                    ]],
                    ['line' => 'l2', 'words' => [$word('Then', 2000), $word('the', 2200), $word('lamps.', 2400)]],
                    ['line' => 'l3', 'words' => array_map(
                        static fn (string $text): array => $word($text, 4000, $unsaid),
                        ['And', 'nobody', 'knows', 'why.'],
                    )],
                    ['line' => 'l4', 'words' => [
                        $word('Bikes', 4000), $word('made', 4200), $word('the', 4400), $word('rest', 4600),
                    ]],
                ],
                'unwritten' => [
                    ['at' => 1200, 'end' => 1500, 'line' => 'l1', 'word' => 3, 'again' => null],
                    ['at' => 3000, 'end' => 3900, 'line' => 'l2', 'word' => 3, 'again' => 'Then the lamps.'],
                    ['at' => 7000, 'end' => 9000, 'line' => 'l4', 'word' => 4, 'again' => null],
                    ['at' => 9100, 'end' => 9900, 'line' => 'l4', 'word' => 4, 'again' => null, 'left' => true],
                ],
            ]],
        ]);
    }
}
