<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Form;

use Lupine\Core\Figures\Figures;
use Lupine\Core\Figures\Presence;
use Lupine\Core\Figures\Scale;
use Lupine\Core\Form\Forms;
use Lupine\Core\Form\Moment;
use Lupine\Core\Form\Round\SectorShape;
use Lupine\Core\Form\Standing;
use Lupine\Core\Formats\TableText;
use Lupine\Core\Geometry\MeasuredOutline;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Geometry\Sector;
use Lupine\Core\Piece\FormSettings;
use Lupine\Core\Settings\Field;
use Lupine\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class RoundFormTest extends TestCase
{
    /**
     * @param array<string, mixed> $settings
     *
     * @return list<Sector> as they are laid out
     */
    private static function sectors(string $figures, array $settings): array
    {
        $all = ['kind' => 'donut', 'radius' => 350, 'hole' => 0.6, ...$settings];
        $standings = [];
        foreach (Figures::ofWhole(TableText::read($figures), 'c1')->list as $place => $figure) {
            $standings[] = new Standing($figure->id, $figure->value(), $figure->share(), $place);
        }
        $forms = Forms::shipped();
        $read = FormSettings::read(Field::root($all), $forms);
        $layout = $forms->named($read->kind)->layout($read, new Point(0, 0), new Moment($standings, Scale::none()));

        return array_map(static function (string $id) use ($layout): Sector {
            $shape = $layout->shape($id, Presence::full(), 0.0);
            \assert($shape instanceof SectorShape);

            return $shape->sector;
        }, $layout->order());
    }

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function cases(): iterable
    {
        foreach (Sample::outside('d3-shape') as $case) {
            yield $case['name'] => [$case];
        }
    }

    /**
     * Source: d3-shape 3.2, pie and arc, on the same figures (core/tests/outside/make.mjs).
     *
     * @param array<string, mixed> $case
     */
    #[DataProvider('cases')]
    public function testAnglesAndAreasAreThoseOfD3(array $case): void
    {
        $figures = implode(
            "\n",
            array_map(
                static fn (int $index, float|int $figure): string => "Part {$index}\t{$figure}",
                array_keys($case['figures']),
                $case['figures'],
            ),
        );
        $sectors = self::sectors($figures, [
            'hole' => $case['inner'] / $case['radius'],
            'startDegrees' => $case['startDegrees'],
            'gap' => $case['gap'],
            'corner' => $case['corner'],
        ]);
        foreach ($case['parts'] as $index => $part) {
            $sector = $sectors[$index];
            $turns = round((deg2rad($sector->fromDegrees) - $part['startAngle']) / (2 * M_PI));
            self::assertEqualsWithDelta($part['startAngle'] + $turns * 2 * M_PI, deg2rad($sector->fromDegrees), 1e-9);
            self::assertEqualsWithDelta($part['endAngle'] - $part['startAngle'], deg2rad($sector->sweepDegrees), 1e-9);
            if ($sector->sweepDegrees > 0.0) {
                $theirs = MeasuredOutline::read($part['path'])->area;
                if ($case['corner'] === 0) {
                    self::assertEqualsWithDelta(1.0, $sector->area() / $theirs, 1e-6, 'by the formula');
                }
                // Path data has six digits, so a sliver is as exact as those allow: a millionth of the whole.
                self::assertEqualsWithDelta(
                    $theirs,
                    MeasuredOutline::read($sector->outline())->area,
                    1e-6 * M_PI * $case['radius'] ** 2,
                    'along the path',
                );
            }
        }
    }

    /** Sector area ½(R² − r²)θ, arc length Rθ: any handbook of mathematics. */
    public function testAreaAndLengthOfASector(): void
    {
        $outline = MeasuredOutline::read((new Sector(new Point(40, -7), 300, 100, 20, 90))->outline());

        self::assertEqualsWithDelta((0.5 * (300 ** 2 - 100 ** 2) * M_PI) / 2, $outline->area, 1e-2);
        self::assertEqualsWithDelta(((300 + 100) * M_PI) / 2 + 2 * 200, $outline->length(), 1e-4);
    }

    public function testDirectionAndNegativeTurns(): void
    {
        $from = static fn (array $settings): array => array_map(
            static fn (Sector $sector): float => round(fmod($sector->fromDegrees + 7200, 360), 9),
            self::sectors("a\t1\nb\t3", $settings),
        );

        self::assertSame([0.0, 90.0], $from([]));
        self::assertSame([270.0, 0.0], $from(['direction' => 'counterclockwise']));
        // A negative turn is its complement.
        self::assertSame($from(['startDegrees' => 234]), $from(['startDegrees' => -126]));
        self::assertSame(
            self::sectors("a\t1\nb\t3", ['startDegrees' => 234])[1]->outline(),
            self::sectors("a\t1\nb\t3", ['startDegrees' => -126])[1]->outline(),
        );
    }

    public function testNothingAndEverythingAreDrawnRight(): void
    {
        self::assertSame('', (new Sector(new Point(0, 0), 100, 50, 30, 0.0))->outline());
        $ring = MeasuredOutline::read((new Sector(new Point(0, 0), 100, 50, 30, 360.0))->outline());
        self::assertEqualsWithDelta(M_PI * (100 ** 2 - 50 ** 2), $ring->area, 1e-2);
        $disc = self::sectors("all\t9", ['kind' => 'pie', 'gap' => 10])[0];
        self::assertEqualsWithDelta(
            M_PI * 350 ** 2,
            MeasuredOutline::read($disc->outline())->area,
            0.1,
            'one part has no gap',
        );
    }

    public function testAPartThinnerThanItsGapIsStillSeen(): void
    {
        $thin = self::sectors("a\t9999\nb\t1", ['gap' => 20])[1];

        self::assertGreaterThan(0.0, MeasuredOutline::read($thin->outline())->area);
    }

    /**
     * The gap is as wide at the hole as at the rim: distance between two parallel lines, any handbook of mathematics.
     */
    public function testTheGapHasOneWidth(): void
    {
        foreach (self::sectors("a\t1\nb\t1\nc\t2", ['gap' => 12]) as $sector) {
            foreach (MeasuredOutline::read($sector->outline())->segments as $edge) {
                if ($edge->isArc()) {
                    continue;
                }
                $distance = abs($edge->from->x * $edge->to->y - $edge->to->x * $edge->from->y) / $edge->length;
                self::assertEqualsWithDelta(6.0, $distance, 1e-5);
            }
        }
    }
}
