<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Drawing;

use Lupine\Core\Drawing\PathNode;
use Lupine\Core\Figures\Presence;
use Lupine\Core\Geometry\MeasuredOutline;
use Lupine\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Several columns side by side, stacked, and stacked to 100 %. */
final class SeriesTest extends TestCase
{
    private const TABLE = "What\tA\tB\tC\nKettles\t40\t20\t60\nLamps\t-30\t50\t10\nCoats\t0\t0\t80";

    /** @return iterable<string, array{string, string}> */
    public static function stacks(): iterable
    {
        foreach (['bars', 'columns'] as $form) {
            foreach (['side', 'stacked', 'full'] as $stack) {
                yield $form.', '.$stack => [$form, $stack];
            }
        }
    }

    #[DataProvider('stacks')]
    public function testSeriesAreExactAndStandWhereTheyShould(string $form, string $stack): void
    {
        $changes = [
            'charts.0.series' => ['c1', 'c2', 'c3'],
            'charts.0.form.stack' => $stack,
            'charts.0.form.order' => 'descending',
            'charts.0.words.legend' => ['x' => 0, 'y' => 0, 'width' => 400],
            'moves' => [
                [
                    'id' => 'm1',
                    'kind' => 'change',
                    'target' => ['chart' => 'chart1', 'figure' => 'r1-c2'],
                    'property' => 'value',
                    'to' => '90',
                    'begin' => 150,
                    'pin' => null,
                    'frames' => 30,
                    'curve' => 'linear',
                    'opens' => 'forward',
                ],
            ],
        ];
        $piece = Sample::piece(self::TABLE, $changes, $form);
        $drawing = Sample::draw($piece);

        self::assertTrue(Sample::prove($piece)->isExact());
        self::assertCount(9, $drawing->marks());
        self::assertSame('90', $drawing->timings['chart1']->amounts->readingAt('r1-c2', 200, Presence::full()));
        $colours = $drawing->timings['chart1']->colours;
        self::assertSame($colours['r1-c2'], $colours['r3-c2'], 'a series has one colour');
        self::assertNotSame($colours['r1-c1'], $colours['r1-c2']);
        // Rows by what they come to: kettles 120, coats 80, lamps 30.
        self::assertSame('r1-c1', $drawing->marks()[0]->mark?->figureId);
        self::assertSame('r3-c1', $drawing->marks()[3]->mark?->figureId);
        if ($stack === 'side') {
            return;
        }
        // Stacked, one begins where the one before ends.
        $ends = [];
        foreach ($drawing->marks() as $mark) {
            $ends[(string) $mark->mark?->figureId] = self::ends($mark, $form === 'bars');
        }
        [$first, $second] = [$ends['r1-c1'], $ends['r1-c2']];
        self::assertEqualsWithDelta(
            $form === 'bars' ? $first[1] : $first[0],
            $form === 'bars' ? $second[0] : $second[1],
            1e-5,
        );
        // Below zero it goes the other way, from the same baseline.
        [$below, $above] = [$ends['r2-c1'], $ends['r2-c2']];
        self::assertEqualsWithDelta(
            $form === 'bars' ? $below[1] : $below[0],
            $form === 'bars' ? $above[0] : $above[1],
            1e-5,
        );
    }

    /** @return array{float, float} along the scale */
    private static function ends(PathNode $mark, bool $isLying): array
    {
        $along = [];
        foreach (MeasuredOutline::read($mark->outline->at(140))->segments as $segment) {
            foreach ($segment->furthestPoints() as $point) {
                $along[] = $isLying ? $point->x : $point->y;
            }
        }

        return $along === [] ? [0.0, 0.0] : [min($along), max($along)];
    }
}
