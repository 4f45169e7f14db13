<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Form;

use Lupine\Core\Geometry\MeasuredOutline;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Geometry\Sector;
use Lupine\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Gaps that take from all parts alike: what is seen of each is what its reading says, on every frame. */
final class GapsTest extends TestCase
{
    /** @return iterable<string, array{string, array<string, mixed>}> */
    public static function charts(): iterable
    {
        foreach (['pie' => [], 'donut' => ['charts.0.form.hole' => 0.55]] as $form => $hole) {
            foreach ([0, 24] as $corner) {
                foreach (['forward', 'neighbour', 'middle'] as $opens) {
                    yield "$form, corners of $corner, opens $opens" => [
                        $form,
                        [...$hole, 'charts.0.form.corner' => $corner, 'charts.0.entrance.opens' => $opens],
                    ];
                }
            }
        }
    }

    /** @param array<string, mixed> $changes */
    #[DataProvider('charts')]
    public function testVisibleAreasAreTheReadingsOnEveryFrame(string $form, array $changes): void
    {
        $piece = Sample::piece("a\t50\nb\t30\nc\t20", [
            'charts.0.form.radius' => 800,
            'charts.0.form.gap' => 30,
            'charts.0.form.gapKeeps' => 'areas',
            'charts.0.form.order' => 'sheet',
            'charts.0.entrance' => ['begin' => 0, 'frames' => 24, 'curve' => 'linear', 'order' => 'together',
                'overlap' => 0, 'opens' => 'forward'],
            ...$changes,
        ], $form);
        $marks = Sample::draw($piece)->marks();
        $timing = Sample::drawPiece()->timings->of($piece)[$piece->charts[0]->id];
        $area = static fn ($mark, int $frame): float => MeasuredOutline::read($mark->outline->at($frame))->area;
        $all = array_sum(array_map(static fn ($mark): float => $area($mark, 100), $marks));

        foreach (range(1, 26) as $frame) {
            foreach ($marks as $index => $mark) {
                $share = [0.5, 0.3, 0.2][$index] * min(1, $frame / 24);
                self::assertEqualsWithDelta($share, $area($mark, $frame) / $all, 1e-7, "frame $frame, part $index");
                $figure = $piece->tables[0]->rows[$index]->id;
                $there = $timing->moves[$figure]->presenceAt($frame);
                $said = (float) $timing->amounts->readingAt($figure, $frame, $there);
                self::assertEqualsWithDelta(100 * $share, $said, 0.5 + 1e-9, "frame $frame, reading of $index");
            }
        }
        self::assertLessThan(1e-7, Sample::prove($piece)->largestDifference());
    }

    public function testAreasAreKeptWhereSomeOfTheWholeHasNoPart(): void
    {
        $areas = [];
        foreach (Sample::draw(Sample::piece("a\t20 %\nb\t12 %", [
            'charts.0.form.gap' => 18,
            'charts.0.form.gapKeeps' => 'areas',
        ]))->marks() as $mark) {
            $areas[] = MeasuredOutline::read($mark->outline->at(239))->area;
        }
        self::assertEqualsWithDelta(20 / 12, $areas[0] / $areas[1], 1e-7);
    }

    /** The formula for what is seen of a sector is what its outline encloses. */
    public function testTheAreaOfASectorIsThatOfItsOutline(): void
    {
        foreach ([[1.2, 0, 8, 0], [40, 0, 30, 22], [180, 0, 12, 9], [181, 0, 12, 9], [300, 0.5, 20, 60],
            [25, 0.2, 90, 0], [64, 0.9, 10, 14], [359, 0.05, 44, 5]] as [$sweep, $hole, $gap, $corner]) {
            $sector = new Sector(new Point(0, 0), 400, 400 * $hole, 31, $sweep, $gap, $corner);
            self::assertEqualsWithDelta(
                $sector->outline() === '' ? 0.0 : MeasuredOutline::read($sector->outline())->area,
                $sector->area(),
                1e-3,
                "$sweep degrees",
            );
        }
    }
}
