<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Motion;

use Lupine\Core\Motion\FigureMoves;
use Lupine\Core\Motion\FrameRange;
use Lupine\Core\Motion\Moves;
use Lupine\Core\Problem;
use Lupine\Core\Script\Beats;
use Lupine\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class MovesTest extends TestCase
{
    /** @return iterable<array{string, int, list<int>}> */
    public static function orders(): iterable
    {
        yield ['together', 0, [12, 12, 12, 12, 12]];
        yield ['after', 0, [12, 36, 60, 84, 108]];
        yield ['overlapping', 8, [12, 28, 44, 60, 76]];
        yield ['overlapping', 40, [12, 13, 14, 15, 16]];
    }

    /** @param list<int> $begins */
    #[DataProvider('orders')]
    public function testOrders(string $order, int $overlap, array $begins): void
    {
        self::assertSame(
            $begins,
            self::begins(['charts.0.entrance.order' => $order, 'charts.0.entrance.overlap' => $overlap]),
        );
    }

    public function testWhatIsPinnedFollowsItsWord(): void
    {
        $line = static fn (int $begin): array => [
            'script.lines' => [
                ['id' => 'l1', 'text' => 'Then lamps, and coats.', 'begin' => $begin, 'end' => $begin + 44],
            ],
        ];
        $move = static fn (?array $pin): array => [
            'moves' => [
                [
                    'id' => 'm1',
                    'kind' => 'entrance',
                    'target' => ['chart' => 'chart1', 'figure' => 'r3'],
                    'begin' => 7,
                    'pin' => $pin,
                    'frames' => 20,
                    'curve' => 'linear',
                    'opens' => 'forward',
                ],
            ],
        ];
        $pin = ['line' => 'l1', 'word' => 3, 'offset' => -2];
        $at = static fn (int $begin): int => self::begins([...$line($begin), ...$move($pin)])[2];

        // Letters before “coats.”: 4 + 1, 6 + 1, 3 + 1 of 23 in all; 44 frames.
        self::assertSame(100 + intdiv(44 * 16, 23) - 2, $at(100));
        self::assertSame($at(100) + 31, $at(131), 'a line that moves takes along what is pinned to it');

        $loose = Sample::piece(changes: $move($pin));
        self::assertSame(7, self::begins($move($pin))[2]);
        self::assertSame(
            ['loose-pin'],
            array_map(
                static fn (Problem $problem): string => $problem->code,
                (new Moves($loose, new Beats($loose)))->problems(),
            ),
        );
    }

    public function testEntranceAndExitMeet(): void
    {
        $exit = [
            'begin' => 24,
            'frames' => 10,
            'curve' => 'linear',
            'order' => 'together',
            'overlap' => 0,
            'opens' => 'forward',
        ];
        $moves = self::moves([
            'charts.0.entrance.curve' => 'linear',
            'charts.0.entrance.order' => 'together',
            'charts.0.exit' => $exit,
        ])['r1'];
        $presence = $moves->presence(FrameRange::within(240));

        self::assertSame(0.0, $presence->at(12)->amount);
        self::assertEqualsWithDelta(11 / 24, $presence->at(23)->amount, 1e-12);
        self::assertEqualsWithDelta(12 / 24, $presence->at(24)->amount, 1e-12, 'it leaves from where it had come to');
        self::assertSame(0.0, $presence->at(34)->amount);
        self::assertGreaterThan(0.0, $presence->at(29)->from, 'its earlier edge runs clockwise');
    }

    /**
     * @param array<string, mixed> $changes
     *
     * @return list<int>
     */
    private static function begins(array $changes): array
    {
        return array_map(
            static fn (FigureMoves $moves): int => $moves->entrance->begin ?? -1,
            array_values(self::moves($changes)),
        );
    }

    /**
     * @param array<string, mixed> $changes
     *
     * @return array<string, FigureMoves>
     */
    private static function moves(array $changes): array
    {
        $piece = Sample::piece(changes: $changes);

        return (new Moves($piece, new Beats($piece)))->ofChart(
            $piece->charts[0],
            Sample::draw($piece)->timings['chart1']->figures(),
        );
    }

    public function testAMoveBeginsWithOrAfterAnotherAndLastsToTheEndOfItsLine(): void
    {
        $move = static fn (string $id, string $figure, array $more): array => [
            'id' => $id, 'kind' => 'entrance', 'target' => ['chart' => 'chart1', 'figure' => $figure], 'begin' => 7,
            'pin' => null, 'frames' => 20, 'curve' => 'linear', 'opens' => 'forward', ...$more,
        ];
        $begins = static function (array $moves) use ($move): array {
            $piece = Sample::piece(changes: [
                'script.lines' => [['id' => 'l1', 'text' => 'Four in ten', 'begin' => 30, 'end' => 90]],
                'moves' => array_map(
                    static fn (array $one): array => $move(...$one),
                    $moves,
                ),
            ]);
            $found = [];
            foreach (Sample::drawPiece()->timings->of($piece)['chart1']->moves as $figure => $of) {
                $found[$figure] = [$of->entrance?->begin, $of->entrance?->frames()];
            }

            return $found;
        };
        $pin = ['line' => 'l1', 'word' => null, 'offset' => 5];
        $found = $begins([
            ['m1', 'r1', ['pin' => $pin, 'toLineEnd' => true]],
            ['m2', 'r2', ['follow' => ['move' => 'm1', 'how' => 'after', 'offset' => -4]]],
            ['m3', 'r3', ['follow' => ['move' => 'm2', 'how' => 'with', 'offset' => 3]]],
        ]);
        self::assertSame([35, 55], $found['r1'], 'to the end of the line');
        self::assertSame([86, 20], $found['r2'], 'when the other has arrived, and a little before');
        self::assertSame([89, 20], $found['r3'], 'with one that follows itself');
        $round = $begins([
            ['m1', 'r1', ['follow' => ['move' => 'm2', 'how' => 'after', 'offset' => 0]]],
            ['m2', 'r2', ['follow' => ['move' => 'm1', 'how' => 'after', 'offset' => 0]]],
            ['m3', 'r3', ['follow' => ['move' => 'gone', 'how' => 'with', 'offset' => 9]]],
        ]);
        self::assertSame(7, $round['r3'][0], 'what is gone is followed by nobody');
        self::assertIsInt($round['r1'][0], 'two that follow each other end somewhere');
    }
}
