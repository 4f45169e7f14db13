<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Geometry;

use Lupine\Core\Geometry\ArcChain;
use Lupine\Core\Geometry\BadOutline;
use Lupine\Core\Geometry\Course;
use Lupine\Core\Geometry\MeasuredOutline;
use Lupine\Core\Geometry\SvgPath;
use Lupine\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class CourseTest extends TestCase
{
    /** @return iterable<string, array{array<string, mixed>}> */
    public static function paths(): iterable
    {
        foreach (Sample::outside('svg-path-properties') as $case) {
            yield $case['path'] => [$case];
        }
    }

    /**
     * Source: svg-path-properties 2.1 (core/tests/outside/make.mjs).
     *
     * @param array<string, mixed> $case
     */
    #[DataProvider('paths')]
    public function testPathsAreAsLongAsTheyAre(array $case): void
    {
        $chain = Course::ofCubics(SvgPath::read($case['path']));

        self::assertEqualsWithDelta(1.0, $chain->length / $case['length'], 1e-5);
    }

    /**
     * Circles and lines in a row, each beginning where the one before ends, and together as long as the path.
     *
     * @param array<string, mixed> $case
     */
    #[DataProvider('paths')]
    public function testItsBendsLieAlongIt(array $case): void
    {
        $chain = Course::ofCubics(SvgPath::read($case['path']));
        foreach ([[0.0, 1.0], [0.2, 0.7]] as [$from, $to]) {
            $along = $from * $chain->length;
            foreach ($chain->bends($along, $to * $chain->length) as $bend) {
                foreach ([[0.0, $bend->fromDegrees], [$bend->length(), $bend->toDegrees]] as [$on, $degrees]) {
                    $there = $chain->at($along + $on)[0];
                    $away = $bend->centre->towards($degrees, $bend->radius)->distanceTo($there);
                    // What is straight is a very large circle.
                    self::assertLessThan(1e-6 + $on ** 2 / 300_000, $away);
                }
                $along += $bend->length();
            }
            self::assertEqualsWithDelta($to * $case['length'], $along, $case['length'] * 1e-5);
        }
    }

    /** A point half way along, against a polyline of many pieces through the same curves. */
    public function testHalfWayIsHalfWay(): void
    {
        $cubics = SvgPath::read('M0 0c40 0 60 80 100 80s120-60 160-10');
        $points = [];
        foreach ($cubics as $cubic) {
            for ($step = 0; $step <= 4000; ++$step) {
                $points[] = $cubic->at($step / 4000);
            }
        }
        $chain = Course::ofCubics($cubics);
        $walked = 0.0;
        for ($index = 1; $walked < $chain->length / 2; ++$index) {
            $walked += $points[$index]->distanceTo($points[$index - 1]);
        }

        self::assertLessThan(0.06, $points[$index - 1]->distanceTo($chain->at($chain->length / 2)[0]));
        [$top] = Course::ofCubics(SvgPath::read('M50 50A100 100 0 0 1 250 50'))->at(50 * M_PI);
        self::assertEqualsWithDelta([150.0, -50.0], [$top->x, $top->y], 1e-4, 'the top of a half circle');
    }

    /** Length along a band and its thickness, found back from its outline: area = length × thickness (Steiner). */
    public function testABandIsAsLongAsItsStretch(): void
    {
        foreach ([Course::wave(2), Course::spiral(2), Course::arch(200), Course::circle()->bent(0.4)] as $course) {
            $chain = $course->scaled(3);
            $outline = MeasuredOutline::read($chain->band(20, 20 + $chain->length / 3, 12));

            self::assertEqualsWithDelta($chain->length / 3 * 24, $outline->area, 1e-3);
            self::assertEqualsWithDelta(2 * ($chain->length / 3 + 24), $outline->length(), 1e-4);
        }
    }

    /** Bent or straight, its length stays. */
    public function testBendingKeepsLengths(): void
    {
        foreach ([0.0, 0.25, 0.8, 1.0] as $part) {
            $bent = Course::circle()->bent($part);
            self::assertEqualsWithDelta(2 * M_PI * 100, $bent->length, 1e-9);
            $outline = MeasuredOutline::read($bent->band(0, $bent->length / 2, 10));
            self::assertEqualsWithDelta(2 * M_PI * 100 / 2 * 20, $outline->area, 1e-3);
            // It lies level in its middle, and turns as its ends come around.
            self::assertEqualsWithDelta($part * $part * M_PI, $bent->at($bent->length / 2)[1], 1e-9);
        }
        self::assertInstanceOf(ArcChain::class, Course::line());
    }

    public function testWhatIsNoPathSaysSo(): void
    {
        foreach (['', 'kettle', 'M0 0', 'M0 0C1 2 3'] as $text) {
            try {
                SvgPath::read($text);
                self::fail($text.' was taken.');
            } catch (BadOutline $reason) {
                self::assertNotSame('', $reason->getMessage());
            }
        }
    }
}
