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
        $still = self::reel(['charts.0.finish.stroke' => $stroke]);
        $moving = self::reel([
            'charts.0.finish.stroke' => [...$stroke, 'march' => 60],
            'charts.0.finish.glow' => [
                'reach' => 20, 'opacity' => 0.5, 'colour' => null, 'breath' => 0.5, 'every' => 60,
            ],
        ]);
        self::assertFalse(str_contains($still, '"property":"offset"'));
        self::assertTrue(str_contains($moving, '"property":"offset"'));
        self::assertTrue(str_contains($moving, '"role":"breath","of":"r1"'));
    }

    public function testALightTravelsAroundAnEdgeAndAChartDriftsAndBothClose(): void
    {
        $stroke = ['width' => 4, 'colour' => '#ffffff', 'opacity' => 0, 'place' => 'inside', 'dash' => 0, 'gap' => 14,
            'caps' => 'round', 'light' => 200, 'round' => 60];
        $piece = Sample::piece(changes: [
            'stage.frames' => 240,
            'charts.0.entrance' => null,
            'charts.0.finish.stroke' => $stroke,
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
        $travel = $loops->travel(60, 900.0, 100.0, FrameRange::within(240));
        // In 8 seconds four rounds; each begins with the middle of the dash at the line's beginning.
        self::assertSame([100.0, -350.0, 100.0], array_map($travel->at(...), [0, 30, 60]));
        self::assertEqualsWithDelta(
            fmod($travel->at(1) - $travel->at(0) + 900, 900),
            fmod($travel->at(0) - $travel->at(239) + 1800, 900),
            0.01,
        );
        self::assertSame(5 * 4, substr_count(self::reel([
            'charts.0.entrance' => null,
            'charts.0.finish.stroke' => $stroke,
        ]), '"property":"offset"'), 'four lines for each of five parts');
    }

    /** @param array<string, mixed> $changes */
    private static function reel(array $changes): string
    {
        $piece = Sample::piece(changes: $changes);
        self::assertTrue(Sample::prove($piece)->isExact());

        return json_encode(WriteReel::of(Sample::draw($piece)), JSON_THROW_ON_ERROR);
    }
}
