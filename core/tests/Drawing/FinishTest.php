<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Drawing;

use Lupine\Core\Drawing\Drawing;
use Lupine\Core\Drawing\PathNode;
use Lupine\Core\Formats\Svg;
use Lupine\Core\Geometry\MeasuredOutline;
use Lupine\Core\Reel\Blur;
use Lupine\Core\Reel\FlatPaint;
use Lupine\Core\Reel\PatternPaint;
use Lupine\Core\Reel\RadialPaint;
use Lupine\Core\Reel\Role;
use Lupine\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

final class FinishTest extends TestCase
{
    private const GLOW = ['reach' => 20, 'opacity' => 0.5];
    private const DOTS = ['kind' => 'dots', 'size' => 30, 'opacity' => 0.2, 'degrees' => 0];

    public function testWhatAMarkHasOfItsOwnStaysWithItsRow(): void
    {
        $own = [
            'charts.0.own' => [
                'r3' => ['colour' => '#123456', 'out' => 30, 'glows' => [self::GLOW], 'patterns' => [self::DOTS]],
            ],
        ];
        $before = Sample::draw(Sample::piece(changes: $own));
        self::assertSame('#123456', $before->timings['chart1']->colours['r3']);

        // Another figure, another order: the looks go along.
        $after = Sample::draw(
            Sample::piece(
                changes: [...$own, 'tables.0.rows.2.cells.0' => '900', 'charts.0.form.order' => 'ascending'],
            ),
        );
        self::assertSame('#123456', $after->timings['chart1']->colours['r3']);
        self::assertCount(2, Nodes::paths(Nodes::group($after, Role::Soft)), 'one part glows, in two layers');
        self::assertCount(1, self::patterns($after));
    }

    public function testAPartIsMovedOutAlongItsMiddleAndKeepsItsArea(): void
    {
        $areas = static function (array $changes): array {
            $areas = [];
            foreach (Sample::draw(Sample::piece(changes: $changes))->marks() as $mark) {
                $areas[$mark->mark->figureId ?? ''] = MeasuredOutline::read($mark->outline->at(239))->area;
            }

            return $areas;
        };
        $apart = $areas(['charts.0.own' => ['r2' => ['out' => 60]]]);
        foreach ($areas([]) as $figure => $area) {
            self::assertEqualsWithDelta($area, $apart[$figure], 1e-2);
        }
    }

    public function testALineInsideAMarkIsCutOffAtItsEdgeAndOneOnTheEdgeIsNot(): void
    {
        $line = ['width' => 6, 'colour' => '#ffffff', 'opacity' => 0.5];
        $drawing = Sample::draw(
            Sample::piece(
                changes: [
                    'charts.0.finish.lines' => [[...$line, 'place' => 'inside', 'dash' => 20, 'gap' => 10]],
                    'charts.0.own' => [
                        'r2' => ['lines' => []],
                        'r3' => ['lines' => [[...$line, 'place' => 'centred']]],
                    ],
                ],
            ),
        );
        $inside = Nodes::group($drawing, Role::Line, 'r1');
        [$path] = Nodes::paths($inside);
        $mark = $drawing->marks()[0];
        self::assertSame($mark->outline->at(100), $inside->clip?->at(100));
        self::assertSame(12.0, $path->stroke?->width->at(0), 'half is cut off');
        self::assertSame([20.0, 10.0], [$path->stroke->dash?->first(), $path->stroke->gap?->first()]);
        $onEdge = Nodes::group($drawing, Role::Line, 'r3');
        self::assertNull($onEdge->clip);
        self::assertSame(6.0, Nodes::paths($onEdge)[0]->stroke?->width->at(0));

        $svg = Svg::ofFrame($drawing, 100);
        self::assertStringContainsString('stroke-dasharray="20 10"', $svg);
        self::assertSame(4, substr_count($svg, ' fill="none" stroke="#ffffff"'), 'one has none of its own');
        self::assertSame(3, substr_count($svg, '<clipPath'));
        self::assertStringNotContainsString('data-figure="r1" stroke', $svg);
    }

    public function testAllMarksThrowOneShadowAndEachHasItsOwnGlow(): void
    {
        $drawing = Sample::draw(
            Sample::piece(
                changes: [
                    'charts.0.finish.glows' => [self::GLOW],
                    'charts.0.finish.shadows' => [['reach' => 30, 'opacity' => 0.4]],
                ],
            ),
        );
        $soft = Nodes::paths(Nodes::group($drawing, Role::Soft));

        self::assertCount(1 + 5 * 2, $soft);
        $outlines = implode(
            '',
            array_map(static fn (PathNode $mark): string => $mark->outline->at(100), $drawing->marks()),
        );
        self::assertSame($outlines, $soft[0]->outline->at(100));
        foreach ($soft as $node) {
            self::assertNull($node->mark, 'an element with a figure holds nothing but the mark');
            self::assertInstanceOf(Blur::class, $node->effect?->at(0));
        }
    }

    public function testFillsPatternsAndTheirInk(): void
    {
        $drawing = Sample::draw(
            Sample::piece("a\t1\nb\t1", [
                'charts.0.finish.fills' => [['kind' => 'shaded']],
                'charts.0.finish.patterns' => [self::DOTS],
                'charts.0.finish.colours' => 'set',
                'charts.0.finish.swatches' => ['#fff0a0', '#102040'],
            ]),
        );
        foreach ($drawing->marks() as $mark) {
            self::assertInstanceOf(RadialPaint::class, $mark->fill->at(0));
            self::assertSame(
                $drawing->timings['chart1']->colours[$mark->mark->figureId ?? ''],
                $mark->fill->at(0)->stops[1][1],
                'the middle of a gradient is the colour itself',
            );
        }
        $ink = array_map(
            static fn (PathNode $node): string => $node->fill->at(0) instanceof PatternPaint
                ? $node->fill->at(0)->colour
                : '',
            self::patterns($drawing),
        );
        self::assertSame(['#000000', '#ffffff'], $ink, 'dark dots on a pale part, pale dots on a dark one');
        self::assertContainsOnlyInstancesOf(
            FlatPaint::class,
            array_map(
                static fn (PathNode $mark) => $mark->fill->at(0),
                Sample::draw(Sample::piece())->marks(),
            ),
        );
    }

    /** A patch under a boundary lies under its two parts and nowhere else: no area is added to their union. */
    public function testSeamsAreUnderTheirPartsOnEveryFrame(): void
    {
        $drawing = Sample::draw(
            Sample::piece("a\t60\nb\t1\nc\t20", ['charts.0.entrance.order' => 'after'], 'pie'),
        );
        $seams = Nodes::paths(Nodes::group($drawing, Role::Seams));
        self::assertCount(3, $seams);
        foreach ([13, 30, 37, 40, 60, 61, 84, 239] as $frame) {
            foreach ($seams as $seam) {
                $outline = $seam->outline->at($frame);
                foreach ($outline === '' ? [] : MeasuredOutline::read($outline)->segments as $edge) {
                    self::assertTrue(
                        self::isCovered($drawing, $edge->from->x, $edge->from->y, $frame),
                        "frame {$frame}: {$edge->from->x}, {$edge->from->y}",
                    );
                }
            }
        }
        self::assertSame(
            [],
            Nodes::paths(
                Nodes::group(Sample::draw(Sample::piece(changes: ['charts.0.form.gap' => 4])), Role::Seams),
            ),
            'a gap needs none',
        );
    }

    /** By angle alone, from the outlines: does some part reach this far around? */
    private static function isCovered(Drawing $drawing, float $x, float $y, int $frame): bool
    {
        $angle = fmod(rad2deg(atan2($x - 620, 540 - $y)) + 360.0, 360.0);
        foreach ($drawing->marks() as $mark) {
            $outline = $mark->outline->at($frame);
            if ($outline === '') {
                continue;
            }
            $arcs = array_values(
                array_filter(
                    MeasuredOutline::read($outline)->segments,
                    static fn ($edge): bool => $edge->isArc(),
                ),
            );
            $from = fmod(rad2deg(atan2($arcs[0]->from->x - 620, 540 - $arcs[0]->from->y)) + 360.0, 360.0);
            $sweep = rad2deg(array_sum(array_map(static fn ($arc): float => $arc->sweep, $arcs)));
            if (
                fmod($angle - $from + 720.0 + 1e-3, 360.0) <= $sweep + 2e-3
                || hypot($x - 620, $y - 540) < 1e-3
            ) {
                return true;
            }
        }

        return false;
    }

    /** @return list<PathNode> */
    private static function patterns(Drawing $drawing): array
    {
        return array_values(
            array_filter(
                Nodes::paths(Nodes::group($drawing, Role::Chart, 'chart1')),
                static fn (PathNode $node): bool => $node->fill->at(0) instanceof PatternPaint,
            ),
        );
    }
}
