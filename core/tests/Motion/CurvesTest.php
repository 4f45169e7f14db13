<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Motion;

use Lupine\Core\Motion\Bounce;
use Lupine\Core\Motion\Curve;
use Lupine\Core\Motion\Curves;
use Lupine\Core\Motion\Settle;
use Lupine\Core\Motion\Spring;
use Lupine\Core\Piece\CurveSettings;
use Lupine\Core\Settings\BadPiece;
use Lupine\Core\Settings\Field;
use Lupine\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class CurvesTest extends TestCase
{
    /** d3-ease 3: its bounce is three bounces of a quarter. */
    public function testTheBounceIsTheOneOfD3(): void
    {
        $bounce = Bounce::of(3, 0.25);
        foreach (Sample::outside('d3-ease') as $step => $value) {
            self::assertEqualsWithDelta($value, $bounce->at($step / 100), 1e-12);
        }
    }

    /** The equation of the damped oscillator, solved step by step (Runge and Kutta), against its closed form. */
    #[DataProvider('dampings')]
    public function testTheSpringIsADampedOscillator(float $damping): void
    {
        $spring = Spring::of($damping);
        $rate = $spring->rate();
        $acceleration = static fn (float $x, float $v): float => -2 * $damping * $rate * $v - $rate ** 2 * ($x - 1);
        [$x, $v, $step] = [0.0, 0.0, 1e-4];
        for ($at = 0; $at <= 10_000; ++$at) {
            if ($at % 100 === 0) {
                self::assertEqualsWithDelta($x, $spring->free($at * $step), 1e-5);
                self::assertEqualsWithDelta($x, $spring->at($at * $step), 0.0013, 'arrived within the move’s length');
            }
            [$x1, $v1] = [$v, $acceleration($x, $v)];
            [$x2, $v2] = [$v + $step / 2 * $v1, $acceleration($x + $step / 2 * $x1, $v + $step / 2 * $v1)];
            [$x3, $v3] = [$v + $step / 2 * $v2, $acceleration($x + $step / 2 * $x2, $v + $step / 2 * $v2)];
            [$x4, $v4] = [$v + $step * $v3, $acceleration($x + $step * $x3, $v + $step * $v3)];
            $x += ($step / 6) * ($x1 + 2 * $x2 + 2 * $x3 + $x4);
            $v += ($step / 6) * ($v1 + 2 * $v2 + 2 * $v3 + $v4);
        }
        self::assertSame(1.0, $spring->at(1.0), 'exactly at its end');
        self::assertSame(0.0, $spring->at(0.0));
    }

    /** @return iterable<array{float}> */
    public static function dampings(): iterable
    {
        yield [0.15];
        yield [0.4];
        yield [0.8];
        yield [1.0];
    }

    public function testASettleRunsPastItsEndAndComesBackInItsFrames(): void
    {
        $settle = Settle::of(0.06, 9, 36);
        self::assertEqualsWithDelta(1.06, $settle->at(27 / 36), 1e-12, 'nine frames before the end it is farthest');
        self::assertSame([0.0, 1.0], [$settle->at(0.0), $settle->at(1.0)]);
        for ($frame = 1; $frame <= 36; ++$frame) {
            [$before, $now] = [$settle->at(($frame - 1) / 36), $settle->at($frame / 36)];
            self::assertTrue($frame <= 27 ? $now > $before : $now < $before);
            self::assertLessThanOrEqual(1.06 + 1e-12, $now);
        }
    }

    /** Examples of CSS Easing Functions Level 2 (linear()) and Level 1 (steps()), worked out by its rules. */
    public function testCssWritesStopsAndSteps(): void
    {
        foreach ([
            ['linear(0, 0.25, 1)', [0 => 0, 25 => 0.125, 50 => 0.25, 75 => 0.625, 100 => 1]],
            ['linear(0, 0.25 75%, 1)', [0 => 0, 75 => 0.25, 90 => 0.7]],
            ['linear(0, 0.5 25% 75%, 1)', [10 => 0.2, 25 => 0.5, 60 => 0.5, 100 => 1]],
            ['linear(0, 1 50%, 0.5 50%, 1)', [49 => 0.98, 50 => 0.5, 75 => 0.75]],
            ['steps(4)', [0 => 0, 24 => 0, 25 => 0.25, 99 => 0.75, 100 => 1]],
            ['steps(4, jump-start)', [0 => 0.25, 25 => 0.5, 76 => 1]],
            ['steps(3, jump-none)', [0 => 0, 33 => 0, 34 => 0.5, 67 => 1]],
            ['steps(2, jump-both)', [0 => 1 / 3, 50 => 2 / 3, 100 => 1]],
            ['cubic-bezier(0, 0, 1, 1)', [30 => 0.3]],
        ] as [$text, $points]) {
            foreach ($points as $at => $value) {
                self::assertEqualsWithDelta($value, self::curve($text)->at($at / 100), 1e-9, "$text at $at %");
            }
        }
    }

    public function testWhatIsNoCurveIsSaid(): void
    {
        foreach ([
            'linear(0)' => 'needs from 2', 'linear(0, x)' => '“x”', 'steps(1, jump-none)' => 'steps(NUMBER, HOW)',
            'steps(2.5)' => 'whole', 'cubic-bezier(2, 0, 1, 1)' => 'from 0 to 1', 'wobble(3)' => 'one of linear',
        ] as $text => $told) {
            try {
                self::curve($text);
                self::fail($text);
            } catch (BadPiece $reason) {
                self::assertStringContainsString($told, $reason->getMessage());
            }
        }
    }

    /** A curve that runs past its end lets a size pass, and neither a reading nor a sweep. */
    public function testNoReadingPassesItsFigure(): void
    {
        foreach (['open' => false, 'pop' => true] as $manner => $passes) {
            $piece = Sample::piece(changes: ['charts.0.entrance' => [
                'begin' => 10, 'frames' => 30, 'curve' => ['settle' => ['past' => 0.2, 'back' => 10]],
                'order' => 'together', 'overlap' => 0, 'opens' => 'forward', 'manner' => $manner,
            ]]);
            $timing = Sample::drawPiece()->timings->of($piece)['chart1'];
            $most = 0.0;
            foreach (range(0, 60) as $frame) {
                $amount = $timing->moves['r1']->amountAt($frame);
                self::assertLessThanOrEqual(1.0, $amount);
                self::assertSame($manner === 'pop' && $frame > 10 ? 1.0 : $amount, $amount, 'it pops up all at once');
                $most = max($most, $timing->number('r1', 'size')->at($frame));
            }
            self::assertSame($passes, $most > 1.19);
            self::assertSame(1.0, $timing->number('r1', 'size')->at(40));
            self::assertTrue(Sample::prove($piece)->isExact(), $manner);
        }
    }

    /** @param list<int> $wanted the part that begins first, second, … of five that lie in the order of their size */
    #[DataProvider('sequences')]
    public function testPartsFollowOneAnotherAsTheyAreTold(string $sequence, array $wanted): void
    {
        $piece = Sample::piece("First\t30\nSecond\t25\nThird\t20\nFourth\t15\nFifth\t10", ['charts.0.entrance' => [
            'begin' => 5, 'frames' => 10, 'curve' => 'linear', 'order' => 'after', 'overlap' => 0, 'opens' => 'forward',
            'sequence' => $sequence, 'hold' => 4,
        ], 'charts.0.form.order' => 'ascending']);
        $begins = [];
        foreach (Sample::drawPiece()->timings->of($piece)['chart1']->moves as $figure => $moves) {
            $begins[(int) substr((string) $figure, 1)] = $moves->entrance->begin ?? 0;
        }
        asort($begins);
        self::assertSame($wanted, array_keys($begins));
        self::assertSame([5, 19, 33, 47, 61], array_values($begins), 'four frames are waited between two');
    }

    /** @return iterable<string, array{string, list<int>}> */
    public static function sequences(): iterable
    {
        // They lie from the smallest to the largest: 5, 4, 3, 2, 1.
        yield 'as they lie' => ['laid', [5, 4, 3, 2, 1]];
        yield 'from the other end' => ['backward', [1, 2, 3, 4, 5]];
        yield 'as in the sheet' => ['sheet', [1, 2, 3, 4, 5]];
        yield 'the largest first' => ['largest', [1, 2, 3, 4, 5]];
        yield 'the smallest first' => ['smallest', [5, 4, 3, 2, 1]];
        yield 'from the middle' => ['outward', [3, 4, 2, 5, 1]];
        yield 'from the ends' => ['inward', [5, 1, 4, 2, 3]];
    }

    private static function curve(string $text): Curve
    {
        return Curves::of(CurveSettings::read(Field::root(['curve' => $text])->get('curve'), 'linear'), 30);
    }
}
