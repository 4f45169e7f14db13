<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Geometry;

use Lupine\Core\Geometry\Inset;
use Lupine\Core\Geometry\MeasuredOutline;
use Lupine\Core\Geometry\OutlineBuilder;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

/** Outlines inside of others, against the distance between points of both: that is what makes one. */
final class InsetTest extends TestCase
{
    public function testSidesOfRectanglesAndRadiiOfCirclesShrinkByTheDistance(): void
    {
        $box = MeasuredOutline::read(Inset::of(OutlineBuilder::rectangle(10, 20, 100, 60), 8));
        self::assertEqualsWithDelta((100 - 16) * (60 - 16), $box->area, 1e-6);
        $circle = MeasuredOutline::read(Inset::of(OutlineBuilder::circle(new Point(0, 0), 50), 8));
        self::assertEqualsWithDelta(M_PI * 42 ** 2, $circle->area, 1e-3);
        $round = MeasuredOutline::read(Inset::of(OutlineBuilder::roundedRectangle(0, 0, 100, 60, 20), 8));
        self::assertEqualsWithDelta(84 * 44 - (4 - M_PI) * 12 ** 2, $round->area, 1e-3);
        // Corners of a smaller radius than the distance are gone, and the sides meet.
        $sharp = MeasuredOutline::read(Inset::of(OutlineBuilder::roundedRectangle(0, 0, 100, 60, 5), 8));
        self::assertEqualsWithDelta(84 * 44, $sharp->area, 1e-3);
        self::assertSame('', Inset::of(OutlineBuilder::rectangle(0, 0, 100, 10), 8), 'nothing is left');
        // Around a hole the line is as far from it, outside of it.
        $inner = (new OutlineBuilder())->moveTo(new Point(0, -20))->arc(new Point(0, 0), 20, 0, -360)->close();
        $ring = Inset::of(OutlineBuilder::circle(new Point(0, 0), 50).$inner->pathData(), 5);
        self::assertEqualsWithDelta(M_PI * (45 ** 2 - 25 ** 2), MeasuredOutline::read($ring)->area, 1e-3);
    }

    public function testEveryPointIsThatFarFromTheOutlineOfAMark(): void
    {
        $seen = 0;
        $forms = ['donut' => ['gap' => 9], 'pie' => ['corner' => 12], 'rings' => [], 'columns' => ['corner' => 8]];
        foreach ($forms as $form => $settings) {
            $changes = [];
            foreach ($settings as $name => $value) {
                $changes['charts.0.form.'.$name] = $value;
            }
            foreach (Sample::draw(Sample::piece(changes: $changes, form: $form))->marks() as $mark) {
                foreach ([40, 239] as $frame) {
                    $outline = $mark->outline->at($frame);
                    $inset = $outline === '' ? '' : Inset::of($outline, 7.5);
                    if ($inset === '') {
                        continue;
                    }
                    $edge = self::points($outline, 3000);
                    foreach (self::points($inset, 60) as $point) {
                        $near = min(array_map(static fn (Point $one): float => $one->distanceTo($point), $edge));
                        self::assertEqualsWithDelta(7.5, $near, 0.05, "{$form}, {$frame}");
                        ++$seen;
                    }
                }
            }
        }
        self::assertGreaterThan(1000, $seen);
    }

    /** @return list<Point> evenly along it */
    private static function points(string $outline, int $count): array
    {
        $edge = MeasuredOutline::read($outline);

        return array_map(
            static fn (int $at): Point => $edge->along($at / $count),
            range(0, $count - 1),
        );
    }
}
