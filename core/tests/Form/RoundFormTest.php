<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Form;

use Lupine\Core\Figures\Figures;
use Lupine\Core\Form\RoundForm;
use Lupine\Core\Form\Slot;
use Lupine\Core\Formats\TableText;
use Lupine\Core\Geometry\MeasuredOutline;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Geometry\Sector;
use Lupine\Core\Piece\Field;
use Lupine\Core\Piece\FormSettings;
use Lupine\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class RoundFormTest extends TestCase
{
    /** @param array<string, mixed> $settings */
    private static function form(string $figures, array $settings): RoundForm
    {
        $all = [
            'kind' => 'donut',
            'radius' => 350,
            'hole' => 0.6,
            'startDegrees' => 0,
            'direction' => 'clockwise',
            'gap' => 0,
            'order' => 'sheet',
            ...$settings,
        ];

        return RoundForm::of(
            Figures::ofWhole(TableText::read($figures), 'c1'),
            FormSettings::read(Field::root($all)),
            new Point(0, 0),
        );
    }

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function sectors(): iterable
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
    #[DataProvider('sectors')]
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
        $form = self::form($figures, [
            'hole' => $case['inner'] / $case['radius'],
            'startDegrees' => $case['startDegrees'],
            'gap' => $case['gap'],
        ]);
        foreach ($case['parts'] as $index => $part) {
            $slot = $form->slots[$index];
            $turns = round((deg2rad($slot->fromDegrees) - $part['startAngle']) / (2 * M_PI));
            self::assertEqualsWithDelta($part['startAngle'] + $turns * 2 * M_PI, deg2rad($slot->fromDegrees), 1e-9);
            self::assertEqualsWithDelta($part['endAngle'] - $part['startAngle'], deg2rad($slot->sweepDegrees), 1e-9);
            if ($slot->sweepDegrees > 0.0) {
                $theirs = MeasuredOutline::read($part['path'])->area;
                $sector = $form->sector($slot, 0.0, 1.0);
                self::assertEqualsWithDelta(1.0, $sector->area() / $theirs, 1e-6, 'by the formula');
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
            static fn (Slot $slot): float => round(fmod($slot->fromDegrees + 7200, 360), 9),
            self::form("a\t1\nb\t3", $settings)->slots,
        );

        self::assertSame([0.0, 90.0], $from([]));
        self::assertSame([270.0, 0.0], $from(['direction' => 'counterclockwise']));
        // A negative turn is its complement.
        self::assertSame($from(['startDegrees' => 234]), $from(['startDegrees' => -126]));
        self::assertSame(
            self::form("a\t1\nb\t3", ['startDegrees' => 234])
                ->sector(self::form("a\t1\nb\t3", ['startDegrees' => 234])->slots[1], 0, 1)
                ->outline(),
            self::form("a\t1\nb\t3", ['startDegrees' => -126])
                ->sector(self::form("a\t1\nb\t3", ['startDegrees' => -126])->slots[1], 0, 1)
                ->outline(),
        );
    }

    public function testNothingAndEverythingAreDrawnRight(): void
    {
        self::assertSame('', (new Sector(new Point(0, 0), 100, 50, 30, 0.0))->outline());
        $ring = MeasuredOutline::read((new Sector(new Point(0, 0), 100, 50, 30, 360.0))->outline());
        self::assertEqualsWithDelta(M_PI * (100 ** 2 - 50 ** 2), $ring->area, 1e-2);
        $disc = self::form("all\t9", ['kind' => 'pie', 'gap' => 10]);
        self::assertEqualsWithDelta(
            M_PI * 350 ** 2,
            MeasuredOutline::read($disc->sector($disc->slots[0], 0, 1)->outline())->area,
            0.1,
            'one part has no gap',
        );
    }

    public function testAPartThinnerThanItsGapIsStillSeen(): void
    {
        $form = self::form("a\t9999\nb\t1", ['gap' => 20]);

        self::assertGreaterThan(0.0, MeasuredOutline::read($form->sector($form->slots[1], 0, 1)->outline())->area);
    }

    /**
     * The gap is as wide at the hole as at the rim: distance between two parallel lines, any handbook of mathematics.
     */
    public function testTheGapHasOneWidth(): void
    {
        $form = self::form("a\t1\nb\t1\nc\t2", ['gap' => 12]);
        foreach ($form->slots as $slot) {
            foreach (MeasuredOutline::read($form->sector($slot, 0, 1)->outline())->segments as $edge) {
                if ($edge->isArc()) {
                    continue;
                }
                $distance = abs($edge->from->x * $edge->to->y - $edge->to->x * $edge->from->y) / $edge->length;
                self::assertEqualsWithDelta(6.0, $distance, 1e-5);
            }
        }
    }
}
