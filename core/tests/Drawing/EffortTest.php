<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Drawing;

use Lupine\Core\Drawing\Effort;
use Lupine\Core\Drawing\TooMuch;
use Lupine\Core\Motion\FrameRange;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

final class EffortTest extends TestCase
{
    public function testIsTheMarksThatMoveTimesTheFramesOnWhichTheyDo(): void
    {
        $piece = Sample::piece(changes: ['charts.0.entrance.order' => 'together', 'charts.0.entrance.frames' => 24]);
        // Five parts, from frame 12 to frame 36, both included.
        self::assertSame(5 * 25, self::effort($piece)->whole());
        self::assertSame(5 * 6, self::effort($piece)->within(FrameRange::within(240, 0, 17)));
        self::assertSame(0, self::effort($piece)->within(FrameRange::within(240, 100, 200)));
    }

    /** What moves counts, not how long the piece is. */
    public function testALongPieceOfShortMovesIsComputedWhole(): void
    {
        $piece = Sample::piece(changes: ['stage.frames' => 18_000]);
        self::assertSame(18_000, self::effort($piece)->rangeAround(9_000)->count());
    }

    public function testALargePieceIsComputedAroundAFrameAndNeverBeyondItsMeans(): void
    {
        $rows = static fn (int $count): string => implode(
            "\n",
            array_map(static fn (int $row): string => "Kind {$row}\t{$row}", range(1, $count)),
        );
        foreach ([[60, 9_000], [200, 18_000], [200, 1_200]] as [$count, $frames]) {
            $piece = Sample::piece($rows($count), [
                'stage.frames' => $frames,
                'charts.0.entrance' => ['begin' => 0, 'frames' => $frames, 'order' => 'together'],
                'charts.0.pick' => null,
            ]);
            $effort = self::effort($piece);
            foreach ([0, intdiv($frames, 2), $frames - 1] as $frame) {
                $range = $effort->rangeAround($frame);
                self::assertTrue($range->from <= $frame && $frame <= $range->to);
                self::assertLessThanOrEqual(Effort::AT_ONCE, $effort->within($range));
            }
        }
        $this->expectException(TooMuch::class);
        $this->expectExceptionMessage('200 marks × 240,000 frames');
        $effort->check(Effort::PROVED_AT_ONCE);
    }

    /** A range of frames is drawn as it is in the whole. */
    public function testARangeIsDrawnAsItIsInTheWhole(): void
    {
        $piece = Sample::piece(changes: ['charts.0.exit' => ['begin' => 60, 'frames' => 30, 'order' => 'after']]);
        [$whole, $part] = [Sample::draw($piece), Sample::drawPiece()->draw($piece, 50, 110)];
        foreach ($whole->marks() as $place => $mark) {
            foreach (range(50, 110) as $frame) {
                self::assertSame($mark->outline->at($frame), $part->marks()[$place]->outline->at($frame));
            }
        }
    }

    private static function effort(Piece $piece): Effort
    {
        return Effort::of($piece, Sample::drawPiece()->timings->of($piece));
    }
}
