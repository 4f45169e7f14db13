<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Form;

use Lupine\Core\Drawing\DrawPiece;
use Lupine\Core\Figures\Presence;
use Lupine\Core\Form\Face;
use Lupine\Core\Form\Tilted\TiltedLayout;
use Lupine\Core\Geometry\MeasuredOutline;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Geometry\Segment;
use Lupine\Core\Legibility\Distortion;
use Lupine\Core\Tests\Rounds;
use Lupine\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

/** Solid parts: their tops are in proportion, their sides are where they are, and what is behind is hidden. */
final class TiltedTest extends TestCase
{
    private static ?DrawPiece $draw = null;

    /**
     * Area of a sector of an ellipse: ½ab(t₂ − t₁), t the eccentric angle. Source: Weisstein, MathWorld, “Elliptical
     * Sector”; from memory. Length of half an ellipse with a = 2b: Ramanujan's second formula, 1914, good to 1e-5 here.
     */
    public function testEllipsesAreMeasuredAsTheFormulasSay(): void
    {
        [$a, $b] = [200.0, 100.0];
        $at = static fn (float $degrees): Point => new Point(
            500 + $a * cos(deg2rad($degrees)),
            300 + $b * sin(deg2rad($degrees)),
        );
        foreach ([[0, 90], [10, 71], [-40, 75], [200, 300]] as [$from, $to]) {
            [$one, $two] = [$at($from), $at($to)];
            $path = "M500 300L{$one->x} {$one->y}A{$a} {$b} 0 0 1 {$two->x} {$two->y}Z";
            $area = ($a * $b * deg2rad($to - $from)) / 2;
            self::assertEqualsWithDelta($area, MeasuredOutline::read($path)->area, 1e-6);
        }
        $half = Segment::ellipse($at(0), $at(179.999999), $a, 0.5, false, true);
        $h = (($a - $b) / ($a + $b)) ** 2;
        $round = M_PI * ($a + $b) * (1 + 3 * $h / (10 + sqrt(4 - 3 * $h)));
        self::assertEqualsWithDelta($round / 2, $half->length, 0.01);
    }

    /** A thousand tables: exact at any tilt, turn and hole, with parts pulled out, and on the way there. */
    public function testTopsAreInProportion(): void
    {
        mt_srand(11);
        for ($round = 0; $round < Rounds::of(200, 1000); ++$round) {
            $layout = self::layout($values = self::values(mt_rand(2, 9)), self::random());
            $sum = array_sum($values);
            foreach (array_values($values) as $row => $value) {
                $amount = $round % 3 === 0 ? 1.0 : mt_rand(5, 100) / 100;
                $there = Presence::opening($amount, 'forward');
                $outline = $layout->shape('r'.($row + 1), $there, (float) mt_rand(0, 90))->outline();
                self::assertEqualsWithDelta(
                    ($value / $sum) * $amount,
                    MeasuredOutline::read($outline)->area / $layout->whole('r1'),
                    1e-6,
                );
            }
        }
    }

    /**
     * The side of a cylinder is 2πrh (Euclid's lateral surface); laid open towards the viewer it is as wide as the disc
     * and as high as it is seen: 2R · h sin t. Of each part, R · |Δ sin θ| · h sin t where it is in front.
     */
    public function testWallsAreAsLargeAsTheFormulasSay(): void
    {
        $layout = self::layout([34, 23, 18, 14, 11], ['tilt' => 50, 'height' => 120, 'startDegrees' => 17]);
        $all = 0.0;
        foreach ($layout->faces([], []) as $face) {
            self::assertSame(Face::WALL, $face->kind);
            $all += MeasuredOutline::read($face->outline)->area;
        }
        self::assertEqualsWithDelta(2 * 350 * 120 * sin(deg2rad(50)), $all, 1e-3);

        // 34 of 100 from 17°: in front from 90° to 139.4°.
        $front = 350 * (sin(deg2rad(90)) - sin(deg2rad(17 + 34 * 3.6))) * 120 * sin(deg2rad(50));
        $top = 0.34 * $layout->whole('r1');
        self::assertEqualsWithDelta($top + $front, $layout->seen([])['r1'], 25.0);
    }

    /** What is painted last at a point is what a ray from the viewer meets first there. */
    public function testWhatIsBehindIsHidden(): void
    {
        mt_srand(23);
        $looked = 0;
        $rounds = Rounds::of(20, 60);
        for ($round = 0; $round < $rounds; ++$round) {
            $changes = self::random();
            $values = self::values(mt_rand(2, 6));
            $layout = self::layout($values, $changes);
            $outs = $there = [];
            foreach (array_keys($values) as $row) {
                $outs['r'.($row + 1)] = (float) (mt_rand(0, 1) * mt_rand(0, 120));
                $there['r'.($row + 1)] = Presence::opening(mt_rand(0, 2) > 0 ? 1.0 : mt_rand(10, 100) / 100, 'forward');
            }
            $painted = array_map(
                static fn (Face $face): array => [$face->figureId, self::polygon($face->outline)],
                $layout->faces($there, $outs),
            );
            foreach ($outs as $id => $out) {
                $painted[] = [$id, self::polygon($layout->shape($id, $there[$id], $out)->outline())];
            }
            for ($look = 0; $look < 30; ++$look) {
                $point = new Point(mt_rand(100, 1100) + 0.37, mt_rand(150, 950) + 0.41);
                $met = self::met($layout, $there, $outs, $changes, $point);
                foreach ([[1.5, 0], [-1.5, 0], [0, 1.5], [0, -1.5]] as [$x, $y]) {
                    $beside = new Point($point->x + $x, $point->y + $y);
                    if (self::met($layout, $there, $outs, $changes, $beside) !== $met) {
                        // On an edge either may be seen.
                        continue 2;
                    }
                }
                $seen = null;
                foreach ($painted as [$id, $polygon]) {
                    $seen = self::isIn($polygon, $point) ? $id : $seen;
                }
                self::assertSame($met, $seen, sprintf('round %d, at %.2f %.2f', $round, $point->x, $point->y));
                $looked += $met === null ? 0 : 1;
            }
        }
        self::assertGreaterThan(3 * $rounds, $looked);
    }

    /** Tufte 1983: what is seen divided by what is true; the offered turn is better than any other that is tried. */
    public function testProofStatesTheLieFactorAndOffersTheBestTurn(): void
    {
        $timing = Sample::draw(Sample::piece(Sample::FIGURES, [], 'tilted'))->timings['chart1'];
        $distortion = Distortion::of('chart1', $timing, 200);
        self::assertNotNull($distortion);
        self::assertEqualsWithDelta(1.0, array_sum(array_column($distortion->parts, 'true')), 1e-9);
        self::assertEqualsWithDelta(1.0, array_sum(array_column($distortion->parts, 'seen')), 1e-9);
        // The back shows no wall, so what lies there is seen as less than it is.
        self::assertLessThan(1.0, $distortion->parts['r5']['seen'] / $distortion->parts['r5']['true']);
        self::assertGreaterThan(1.1, $distortion->worstFactor());
        [$turn, $best] = $distortion->best();
        self::assertLessThan($distortion->worstFactor(), $best);
        $turned = Sample::draw(
            Sample::piece(Sample::FIGURES, ['charts.0.form.startDegrees' => $turn], 'tilted'),
        )->timings['chart1'];
        self::assertEqualsWithDelta($best, Distortion::of('chart1', $turned, 200)?->worstFactor(), 1e-3);

        $flat = Sample::draw(Sample::piece(Sample::FIGURES, ['charts.0.form.tilt' => 0], 'tilted'))->timings['chart1'];
        self::assertEqualsWithDelta(1.0, Distortion::of('chart1', $flat, 200)?->worstFactor(), 1e-6);
        self::assertNull(Distortion::of('chart1', Sample::draw(Sample::piece())->timings['chart1'], 200));
    }

    /** Turned, opened, raised, pulled out, dimmed and lit by moves, every frame is exact. */
    public function testMovesKeepItExact(): void
    {
        $move = static fn (string $id, array $target, string $property, float $to): array => [
            'id' => $id, 'kind' => 'change', 'target' => $target, 'begin' => 40, 'pin' => null, 'frames' => 30,
            'curve' => 'ease-in-out', 'opens' => 'forward', 'property' => $property, 'to' => $to,
        ];
        $whole = ['chart' => 'chart1'];
        $proof = Sample::prove(Sample::piece(Sample::FIGURES, ['moves' => [
            $move('m1', $whole, 'form.startDegrees', 200),
            $move('m2', $whole, 'form.height', 220),
            $move('m3', $whole, 'form.apart', 40),
            $move('m4', ['chart' => 'chart1', 'figure' => 'r2'], 'out', 60),
            $move('m5', ['chart' => 'chart1', 'figure' => 'r3'], 'opacity', 0.4),
            $move('m6', ['chart' => 'chart1', 'figure' => 'r4'], 'light', 0.4),
        ]], 'tilted'));
        self::assertTrue($proof->isExact());
    }

    /** @return array<string, float> */
    private static function random(): array
    {
        return [
            'tilt' => mt_rand(0, 85),
            'height' => mt_rand(0, 300),
            'hole' => mt_rand(0, 1) * mt_rand(10, 90) / 100,
            'startDegrees' => mt_rand(-400, 400),
            'apart' => mt_rand(0, 1) * mt_rand(0, 60),
            'sweepDegrees' => mt_rand(0, 3) === 0 ? mt_rand(120, 359) : 360,
        ];
    }

    /** @return list<int> */
    private static function values(int $count): array
    {
        return array_map(static fn (): int => mt_rand(1, 100), range(1, $count));
    }

    /**
     * @param list<int> $values
     * @param array<string, float|int> $changes
     */
    private static function layout(array $values, array $changes): TiltedLayout
    {
        $rows = array_map(static fn (int $row): string => 'Kind '.$row."\t".$values[$row], array_keys($values));
        $piece = Sample::piece(implode("\n", $rows), array_combine(
            array_map(static fn (string $name): string => 'charts.0.form.'.$name, array_keys($changes)),
            $changes,
        ) + ['charts.0.form.radius' => 350], 'tilted');
        self::$draw ??= Sample::drawPiece();
        $layout = self::$draw->timings->of($piece)['chart1']->layouts->at(0);
        self::assertInstanceOf(TiltedLayout::class, $layout);

        return $layout;
    }

    /**
     * What a ray meets that goes down from the viewer: at each height above the foot it is at one place of the plan.
     *
     * @param array<string, Presence> $there
     * @param array<string, float> $outs
     * @param array<string, float> $changes
     */
    private static function met(TiltedLayout $layout, array $there, array $outs, array $changes, Point $at): ?string
    {
        $tilt = deg2rad($changes['tilt']);
        $steps = 80;
        for ($step = 0; $step <= $steps; ++$step) {
            $down = $changes['height'] * $step / $steps;
            // The middle of the solid's height stands at the middle of the chart, (620, 540).
            $x = $at->x - 620;
            $y = ($at->y - 540 + ($changes['height'] / 2 - $down) * sin($tilt)) / cos($tilt);
            foreach ($outs as $id => $out) {
                $sector = $layout->shape($id, $there[$id], $out)->plan->sector;
                if ($sector->sweepDegrees > 1e-9 && $sector->holds(new Point($x, $y), 0.0, 0.0, 0.0)) {
                    return $id;
                }
            }
        }

        return null;
    }

    /** @return list<array{float, float}> */
    private static function polygon(string $pathData): array
    {
        $points = [];
        foreach ($pathData === '' ? [] : MeasuredOutline::read($pathData)->segments as $segment) {
            for ($step = 0; $step < 48; ++$step) {
                $points[] = self::on($segment, $step / 48);
            }
        }

        return array_map(static fn (Point $point): array => [$point->x, $point->y], $points);
    }

    private static function on(Segment $segment, float $part): Point
    {
        [$from, $to, $centre] = [$segment->from, $segment->to, $segment->centre];
        if ($centre === null) {
            return new Point($from->x + ($to->x - $from->x) * $part, $from->y + ($to->y - $from->y) * $part);
        }
        $begin = atan2(($from->y - $centre->y) / $segment->ratio, $from->x - $centre->x);

        return new Point(
            $centre->x + $segment->radius * cos($begin + $segment->sweep * $part),
            $centre->y + $segment->radius * $segment->ratio * sin($begin + $segment->sweep * $part),
        );
    }

    /** @param list<array{float, float}> $polygon */
    private static function isIn(array $polygon, Point $point): bool
    {
        $isIn = false;
        for ($one = 0, $other = count($polygon) - 1; $one < count($polygon); $other = $one++) {
            [[$x, $y], [$itsX, $itsY]] = [$polygon[$one], $polygon[$other]];
            if (($y > $point->y) !== ($itsY > $point->y)) {
                $isIn = $point->x < ($itsX - $x) * ($point->y - $y) / ($itsY - $y) + $x ? !$isIn : $isIn;
            }
        }

        return $isIn;
    }
}
