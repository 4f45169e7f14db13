<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Form;

use Lupine\Core\Geometry\MeasuredOutline;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Proof\MeasuredSector;
use Lupine\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** In which direction a part opens: seen on its outline half way. */
final class OpeningTest extends TestCase
{
    /** @return iterable<string, array{string, float, float}> */
    public static function directions(): iterable
    {
        // A quarter, from 0° to 90°; half of it is there.
        yield 'forward' => ['forward', 0.0, 45.0];
        yield 'backward' => ['backward', 45.0, 90.0];
        yield 'from its middle' => ['middle', 22.5, 67.5];
    }

    #[DataProvider('directions')]
    public function testAPartOpensTheWayItIsTold(string $opens, float $from, float $to): void
    {
        $piece = Sample::piece("a\t1\nb\t3", [
            'charts.0.form.order' => 'sheet',
            'charts.0.entrance' => [
                'begin' => 0,
                'frames' => 20,
                'curve' => 'linear',
                'order' => 'together',
                'overlap' => 0,
                'opens' => $opens,
            ],
        ]);
        $outline = Sample::draw($piece)->marks()[0]->outline->at(10);
        $arcs = array_values(
            array_filter(
                MeasuredOutline::read($outline)->segments,
                static fn ($edge): bool => $edge->isArc() && $edge->radius > 300,
            ),
        );
        $degrees = static fn ($point): float => rad2deg(atan2($point->x - 620, 540 - $point->y));

        self::assertEqualsWithDelta($from, $degrees($arcs[0]->from), 1e-5);
        self::assertEqualsWithDelta($to, $degrees($arcs[count($arcs) - 1]->to), 1e-5);
        self::assertEqualsWithDelta(0.125, MeasuredSector::of($outline, new Point(0, 0))->share, 1e-8);
    }

    public function testPartsOfARingThatIsNotFullLeaveTheRestOpen(): void
    {
        $drawing = Sample::draw(Sample::piece("a\t20 %\nb\t12 %", ['charts.0.form.startDegrees' => 90]));
        $shares = array_map(
            static fn ($mark): float => MeasuredSector::of($mark->outline->at(239), new Point(0, 0))->share,
            $drawing->marks(),
        );

        self::assertEqualsWithDelta(0.32, array_sum($shares), 1e-8);
    }

    public function testAZeroHasNoMarkToSeeButKeepsItsPlace(): void
    {
        $drawing = Sample::draw(Sample::piece("a\t3\nb\t0\nc\t5", ['charts.0.form.gap' => 6]));
        $outlines = [];
        foreach ($drawing->marks() as $mark) {
            $outlines[$mark->mark->label ?? ''] = $mark->outline->at(239);
        }

        self::assertSame('', $outlines['b']);
        self::assertEqualsWithDelta(0.375, MeasuredSector::of($outlines['a'], new Point(0, 0))->share, 1e-8);
        self::assertEqualsWithDelta(0.625, MeasuredSector::of($outlines['c'], new Point(0, 0))->share, 1e-8);
    }
}
