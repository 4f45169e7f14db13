<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Motion;

use Lupine\Core\Drawing\WriteReel;
use Lupine\Core\Motion\FrameRange;
use Lupine\Core\Motion\Loops;
use Lupine\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

final class LoopsTest extends TestCase
{
    public function testWhatGoesRoundIsAtTheEndWhereItBegan(): void
    {
        foreach ([240, 97] as $frames) {
            $loops = Loops::of(Sample::piece(changes: ['stage.frames' => $frames])->stage);
            $range = FrameRange::within($frames);
            foreach ([50.0, -50.0, 3.0] as $speed) {
                $march = $loops->march($speed, 32.0, $range);
                // The frame after the last would be the first again: all steps are alike, that one too.
                $step = static fn (float $from, float $to): float => fmod(fmod($to - $from, 32.0) + 48.0, 32.0) - 16.0;
                $first = $step($march->at(0), $march->at(1));
                self::assertEqualsWithDelta($first, $step($march->at($frames - 1), $march->at(0)), 1e-3);
                self::assertEqualsWithDelta($first, $step($march->at(40), $march->at(41)), 1e-3);
                // As near to the pace that is wanted as one that closes can be: half a round over the whole piece.
                $wanted = -$speed / 30;
                $most = max(16.0, 32.0 - abs($speed) * $frames / 30) + 0.02;
                self::assertLessThanOrEqual($most, abs($first - $wanted) * $frames);
            }
            $breath = $loops->breath(0.4, 90, $range);
            self::assertSame(1.0, $breath->at(0));
            $all = array_map($breath->at(...), range(0, $frames - 1));
            self::assertEqualsWithDelta(0.6, min($all), 0.001);
            self::assertEqualsWithDelta($all[1], $all[$frames - 1], 1e-3, 'as it comes, so it goes');
        }
    }

    public function testDashesMarchAndAGlowBreathesInTheReel(): void
    {
        $stroke = ['width' => 4, 'colour' => '#ffffff', 'opacity' => 1, 'place' => 'inside', 'dash' => 18, 'gap' => 14,
            'caps' => 'round'];
        $still = self::reel(['charts.0.finish.lines' => [$stroke]]);
        $moving = self::reel([
            'charts.0.finish.lines' => [[...$stroke, 'march' => 60]],
            'charts.0.finish.glows' => [['reach' => 20, 'opacity' => 0.5, 'breath' => 0.5, 'every' => 60]],
        ]);
        self::assertFalse(str_contains($still, '"property":"offset"'));
        self::assertTrue(str_contains($moving, '"property":"offset"'));
        self::assertTrue(str_contains($moving, '"role":"breath","of":"r1"'));
    }

    public function testALightTravelsAroundAnEdgeAndAChartDriftsAndBothClose(): void
    {
        $edge = ['length' => 200, 'at' => 0, 'width' => 6, 'opacity' => 1, 'round' => 60];
        $piece = Sample::piece(changes: [
            'stage.frames' => 240,
            'charts.0.entrance' => null,
            'charts.0.finish.edges' => [$edge],
            'charts.0.drift' => ['across' => 20, 'down' => 6, 'turn' => 3, 'every' => 120],
            'words.0.drift' => ['across' => 0, 'down' => 5, 'turn' => 0, 'every' => 240],
        ]);
        self::assertTrue(Sample::prove($piece)->isExact());
        $timing = Sample::drawPiece()->timings->of($piece)['chart1'];
        $x = array_map($timing->whole->number('x')->at(...), range(0, 240));
        self::assertSame(620.0, $x[0]);
        self::assertEqualsWithDelta($x[0], $x[240], 1e-9, 'the frame after the last is the first again');
        self::assertEqualsWithDelta([640.0, 600.0], [max($x), min($x)], 0.05);
        self::assertEqualsWithDelta(3.0, max(array_map($timing->whole->number('turn')->at(...), range(0, 240))), 0.01);

        $loops = Loops::of($piece->stage);
        $laps = $loops->laps(60, FrameRange::within(240));
        // In 8 seconds four rounds; each begins with the middle of the light at the edge's beginning.
        self::assertSame([0.0, 0.5, 0.0], array_map($laps->at(...), [0, 30, 60]));
        self::assertEqualsWithDelta($laps->at(1) - $laps->at(0), 1 - $laps->at(239), 1e-5);
        self::assertSame(-0.25, $loops->laps(-60, FrameRange::within(240))->at(15), 'the other way');
        self::assertSame(5 * 2, substr_count(self::reel([
            'charts.0.entrance' => null,
            'charts.0.finish.edges' => [$edge],
        ]), '"property":"place"'), 'a light and its halo for each of five parts');
    }

    /** @param array<string, mixed> $changes */
    private static function reel(array $changes): string
    {
        $piece = Sample::piece(changes: $changes);
        self::assertTrue(Sample::prove($piece)->isExact());

        return json_encode(WriteReel::of(Sample::draw($piece)), JSON_THROW_ON_ERROR);
    }
}
