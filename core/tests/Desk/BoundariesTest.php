<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Desk;

use Lupine\Core\Desk\Boundaries;
use Lupine\Core\Desk\SheetBoundary;
use Lupine\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Where parts end, and what a hand makes of them: read off the geometry of a circle and of a scale. */
final class BoundariesTest extends TestCase
{
    public function testPartsOfACircleEndWhereTheirSharesEnd(): void
    {
        foreach (['pie', 'donut'] as $form) {
            $boundaries = self::boundaries($form, "Kettles\t50\nLamps\t25\nClothes\t15\nBikes\t10");
            self::assertSame([['r1', 'r2'], ['r2', 'r3'], ['r3', 'r4']], array_map(
                static fn (SheetBoundary $one): array => [$one->figure, $one->next],
                $boundaries,
            ));
            foreach ([[180.0, 75.0], [270.0, 40.0], [324.0, 25.0]] as $at => [$degrees, $most]) {
                [$x, $y] = [$boundaries[$at]->at[0] - 620, $boundaries[$at]->at[1] - 540];
                self::assertEqualsWithDelta($degrees, fmod(rad2deg(atan2($x, -$y)) + 360, 360), 0.01, $form);
                self::assertEqualsWithDelta(100 / 360, $boundaries[$at]->rate, 1e-9, 'of the whole, for a degree');
                self::assertSame($most, $boundaries[$at]->most, 'what both have');
            }
        }
    }

    public function testBarsEndOnTheirScaleAndGrowWithIt(): void
    {
        $boundaries = self::boundaries('bars', "Kettles\t500\nLamps\t250");
        [$first, $second] = $boundaries;
        self::assertNull($first->next);
        self::assertSame([1.0, 0.0], $first->along);
        // From nought to 500 in so many pixels: half of them to 250.
        $pixels = 250 / $second->rate;
        self::assertEqualsWithDelta($pixels, $first->at[0] - $second->at[0], 0.01);
        self::assertEqualsWithDelta($first->rate, $second->rate, 1e-9);
        $columns = self::boundaries('columns', "Kettles\t500\nLamps\t250");
        self::assertSame([0.0, -1.0], $columns[0]->along, 'upright');
    }

    public function testTheFirstOfTwoThatGrowsByAPixelEndsAPixelFurther(): void
    {
        foreach (['strip', 'ribbon', 'tilted', 'rings'] as $form) {
            $before = self::boundaries($form, "Kettles\t450\nLamps\t300\nClothes\t200");
            $by = ($before[0]->along === null ? 0.5 : 2.0) * $before[0]->rate;
            $after = self::boundaries($form, sprintf(
                "Kettles\t%.6f\nLamps\t%.6f\nClothes\t200",
                450 + $by,
                $before[0]->next === null ? 300 : 300 - $by,
            ));
            [$from, $to] = [$before[0]->at, $after[0]->at];
            if ($before[0]->along !== null) {
                $gone = ($to[0] - $from[0]) * $before[0]->along[0] + ($to[1] - $from[1]) * $before[0]->along[1];
                self::assertEqualsWithDelta(2.0, $gone, 0.03, $form);
            } else {
                [$x, $y] = $before[0]->around ?? [0.0, 0.0];
                $turn = static fn (array $at): float => rad2deg(atan2($at[1] - $y, $at[0] - $x));
                self::assertEqualsWithDelta(0.5, $turn($to) - $turn($from), 0.01, $form);
            }
        }
    }

    /** @return iterable<string, array{string, string, list<array{string, string|null}>}> */
    public static function fixed(): iterable
    {
        yield 'what is worked out follows' => ['donut', "A\t50 %\nB\t30 %\nC\trest", [['r1', 'r2'], ['r2', null]]];
        yield 'a sum is not set by hand' => ['donut', "A\t50\nB\t=10+20\nC\t20", [['r1', null]]];
        yield 'a line has no ends' => ['line', "A\t50\nB\t30", []];
    }

    /** @param list<array{string, string|null}> $ends */
    #[DataProvider('fixed')]
    public function testWhatCannotBeSetIsNotTaken(string $form, string $figures, array $ends): void
    {
        $boundaries = self::boundaries($form, $figures);
        self::assertSame($ends, array_map(
            static fn (SheetBoundary $one): array => [$one->figure, $one->next],
            $boundaries,
        ));
    }

    /** @return list<SheetBoundary> */
    private static function boundaries(string $form, string $figures): array
    {
        return Boundaries::of(Sample::draw(Sample::piece($figures, [], $form))->timings['chart1']);
    }
}
