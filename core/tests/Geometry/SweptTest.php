<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Geometry;

use Lupine\Core\Geometry\Laid;
use Lupine\Core\Geometry\MeasuredOutline;
use Lupine\Core\Geometry\OutlineBuilder;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Geometry\Swept;
use Lupine\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What outlines go over, against what that means: a point is gone over where one before it on the way is within. */
final class SweptTest extends TestCase
{
    /** @return iterable<string, array{string, Point}> */
    public static function outlines(): iterable
    {
        $ring = OutlineBuilder::circle(new Point(60, 60), 50).(new OutlineBuilder())
            ->moveTo(new Point(60, 30))
            ->arc(new Point(60, 60), 30, 0, -360)
            ->close()
            ->pathData();
        foreach ([new Point(40, 25), new Point(-12, 70), new Point(0, 30), new Point(-35, 0)] as $way) {
            $name = " by {$way->x}, {$way->y}";
            yield 'a rectangle'.$name => [OutlineBuilder::rectangle(10, 20, 80, 50), $way];
            yield 'a ring'.$name => [$ring, $way];
            yield 'a ring that is laid down'.$name => [Laid::of($ring, 0.45, new Point(5, 30)), $way];
        }
        $forms = ['donut' => ['corner', 12], 'tilted' => ['hole', 0.4], 'columns' => ['corner', 20]];
        foreach ($forms as $form => $said) {
            $piece = Sample::piece(changes: ['charts.0.form.'.$said[0] => $said[1]], form: $form);
            foreach (array_slice(Sample::draw($piece)->marks(), 0, 2) as $mark) {
                yield "{$form}, {$mark->mark?->figureId}" => [$mark->outline->at(239), new Point(90, 60)];
            }
        }
    }

    #[DataProvider('outlines')]
    public function testGoesOverAllThatIsOnItsWayAndNothingElse(string $outline, Point $way): void
    {
        $swept = self::flat(Swept::of($outline, $way));
        $flat = self::flat($outline);
        $box = MeasuredOutline::read($outline)->box();
        self::assertNotNull($box);
        $seen = [0, 0];
        for ($column = 0; $column < 24; ++$column) {
            for ($row = 0; $row < 24; ++$row) {
                $point = new Point(
                    $box->left + min(0.0, $way->x) - 3 + ($box->width + abs($way->x) + 6) * ($column + 0.5) / 24,
                    $box->top + min(0.0, $way->y) - 3 + ($box->height + abs($way->y) + 6) * ($row + 0.5) / 24,
                );
                $isIn = self::isIn($swept, $point);
                ++$seen[(int) $isIn];
                if ($isIn !== self::wasIn($flat, $point, $way, 40)) {
                    // At an edge, or at a corner that is between two of the forty.
                    self::assertTrue($isIn, "{$point->x} {$point->y} is gone over");
                    $isNear = false;
                    foreach ([[0, 0], [1, 0], [-1, 0], [0, 1], [0, -1]] as [$x, $y]) {
                        $near = new Point($point->x + $x, $point->y + $y);
                        $isNear = $isNear || self::wasIn($flat, $near, $way, 800);
                    }
                    self::assertTrue($isNear, "{$point->x} {$point->y} is not gone over");
                }
            }
        }
        self::assertGreaterThan(25, min($seen));
    }

    public function testASweptDiscIsACapsule(): void
    {
        $swept = Swept::of(OutlineBuilder::circle(new Point(0, 0), 20), new Point(30, 40));
        $box = MeasuredOutline::read($swept)->box();
        self::assertEqualsWithDelta([-20, -20, 70, 80], [$box?->left, $box?->top, $box?->width, $box?->height], 1e-3);
        self::assertSame('M0 0Z', Swept::of('M0 0Z', new Point(0, 0)), 'a way of no length changes nothing');
    }

    /** @return list<list<Point>> closed lines, near enough */
    private static function flat(string $outline): array
    {
        $rings = [];
        foreach (array_slice(explode('M', $outline), 1) as $ring) {
            $points = [];
            foreach (MeasuredOutline::read('M'.$ring)->segments as $segment) {
                $steps = $segment->isArc() ? 16 : 1;
                for ($step = 0; $step < $steps; ++$step) {
                    $points[] = $segment->along($step / $steps);
                }
            }
            $rings[] = $points;
        }

        return $rings;
    }

    /** @param list<list<Point>> $rings */
    private static function isIn(array $rings, Point $point): bool
    {
        $winding = 0;
        foreach ($rings as $ring) {
            foreach ($ring as $place => $from) {
                $to = $ring[($place + 1) % count($ring)];
                if (($from->y <= $point->y) !== ($to->y <= $point->y)) {
                    $x = $from->x + (($point->y - $from->y) / ($to->y - $from->y)) * ($to->x - $from->x);
                    $winding += $x > $point->x ? ($to->y > $from->y ? 1 : -1) : 0;
                }
            }
        }

        return $winding !== 0;
    }

    /** @param list<list<Point>> $rings */
    private static function wasIn(array $rings, Point $point, Point $way, int $parts): bool
    {
        for ($part = 0; $part <= $parts; ++$part) {
            $by = $part / $parts;
            if (self::isIn($rings, new Point($point->x - $way->x * $by, $point->y - $way->y * $by))) {
                return true;
            }
        }

        return false;
    }
}
