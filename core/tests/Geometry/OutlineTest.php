<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Geometry;

use Lupine\Core\Geometry\BadOutline;
use Lupine\Core\Geometry\Degrees;
use Lupine\Core\Geometry\MeasuredOutline;
use Lupine\Core\Geometry\OutlineBuilder;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Geometry\Sector;
use Lupine\Core\Geometry\Strip;
use PHPUnit\Framework\TestCase;

/** Areas and lengths: any handbook of mathematics. */
final class OutlineTest extends TestCase
{
    public function testKnownShapesAreMeasured(): void
    {
        $rectangle = MeasuredOutline::read(OutlineBuilder::rectangle(10, 20, 30, 40));
        self::assertSame([1200.0, 140.0], [$rectangle->area, $rectangle->length()]);
        $circle = MeasuredOutline::read(OutlineBuilder::circle(new Point(-5, 8), 50));
        self::assertEqualsWithDelta(M_PI * 2500, $circle->area, 1e-3);
        self::assertEqualsWithDelta(M_PI * 100, $circle->length(), 1e-4);
        // As other programs write arcs: one arc of more than half a turn, and either way around.
        $threeQuarters = MeasuredOutline::read('M0,-50 A50,50 0 1 1 -50,0 L0,0 Z');
        self::assertEqualsWithDelta(0.75 * M_PI * 2500, $threeQuarters->area, 1e-9);
        self::assertEqualsWithDelta(
            0.25 * M_PI * 2500,
            MeasuredOutline::read('M0,-50 A50,50 0 0 0 -50,0 L0,0 Z')->area,
            1e-9,
        );
        $this->expectException(BadOutline::class);
        MeasuredOutline::read('M0 0C1 2 3 4 5 6Z');
    }

    public function testDegreesRunClockwiseFromTwelve(): void
    {
        $centre = new Point(100, 100);
        $places = [0 => [100, 50], 90 => [150, 100], 180 => [100, 150], 270 => [50, 100], -90 => [50, 100]];
        foreach ($places as $degrees => [$x, $y]) {
            $point = $centre->towards($degrees, 50);
            self::assertEqualsWithDelta($x, $point->x, 1e-9);
            self::assertEqualsWithDelta($y, $point->y, 1e-9);
        }
        self::assertSame(
            [234.0, 0.0, 359.0],
            [Degrees::normalised(-126), Degrees::normalised(720), Degrees::normalised(-1)],
        );
        self::assertEqualsWithDelta(126.0, Degrees::ofShare(0.35), 1e-12);
    }

    /** The strip beside a ray, against a sum of many thin pieces. */
    public function testTheStripOfAGap(): void
    {
        foreach ([[4, 210, 350], [12, 0, 350], [30, 20, 40]] as [$distance, $inner, $outer]) {
            $sum = 0.0;
            $step = ($outer - $inner) / 200_000;
            for ($piece = 0; $piece < 200_000; ++$piece) {
                $radius = $inner + ($piece + 0.5) * $step;
                $sum += $radius * ($radius > $distance ? asin($distance / $radius) : M_PI_2) * $step;
            }
            self::assertEqualsWithDelta($sum, Strip::area($distance, $inner, $outer), 1e-3);
        }
        self::assertSame(0.0, Strip::area(0, 10, 20));
    }

    public function testABoxIsHeldOnlyWhereEveryCornerIsInside(): void
    {
        $sector = new Sector(new Point(0, 0), 300, 100, 0, 90, 10);
        $middle = (new Point(0, 0))->towards(45, 200);
        self::assertTrue($sector->holds($middle, 80, 40, 2));
        self::assertFalse($sector->holds($middle, 260, 40, 2), 'too wide');
        self::assertFalse($sector->holds((new Point(0, 0))->towards(4, 200), 80, 40, 2), 'over the edge');
        self::assertFalse($sector->holds((new Point(0, 0))->towards(45, 110), 80, 40, 2), 'over the hole');
        self::assertTrue((new Sector(new Point(0, 0), 300, 0, 0, 360))->holds(new Point(0, 0), 80, 40, 2));
    }
}
