<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Figures;

use Brick\Math\BigRational;
use Lupine\Core\Figures\Figure;
use Lupine\Core\Figures\Figures;
use Lupine\Core\Figures\ImpossibleFigures;
use Lupine\Core\Figures\Pick;
use Lupine\Core\Formats\TableText;
use Lupine\Core\Piece\PickSettings;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Piece\Row;
use Lupine\Core\Piece\Table;
use Lupine\Core\Settings\Field;
use Lupine\Core\Settings\Group;
use Lupine\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Some rows of a long table, and the others as one. */
final class PickTest extends TestCase
{
    /** Seeded tables with decimals, signs, units, sums and gaps: what is put together is exactly what is left out. */
    public function testTheOthersAreExactlyWhatIsLeftOut(): void
    {
        mt_srand(5);
        for ($round = 0; $round < 200; ++$round) {
            $lines = ["What\tThings"];
            $sum = BigRational::zero();
            for ($row = 0, $rows = mt_rand(4, 60); $row < $rows; ++$row) {
                $number = mt_rand(-4000, 90000);
                $decimals = mt_rand(0, 4);
                $typed = match (mt_rand(0, 9)) {
                    0 => $number.'/7',
                    1 => mt_rand(1, 99).'*3.6',
                    default => number_format($number / 10 ** $decimals, $decimals, '.', ''),
                };
                $sum = $sum->plus(match (true) {
                    str_contains($typed, '/') => BigRational::nd($number, 7),
                    str_contains($typed, '*') => BigRational::of('3.6')->multipliedBy((int) $typed),
                    default => BigRational::of($typed),
                });
                $lines[] = "Kind {$row}\t={$typed}";
            }
            $picked = Pick::of(self::settings('largest', $count = mt_rand(1, 9)), [
                [self::table($lines), ['c1']],
            ], true);
            $figures = Figures::ofAmounts($picked->tables[0], 'c1', true);
            $all = BigRational::zero();
            foreach ($figures->list as $figure) {
                $all = $all->plus($figure->exact);
            }
            self::assertTrue($all->isEqualTo($sum), implode(' ', $lines));
            self::assertCount(min($rows, $count + 1), $figures->list);
        }
    }

    public function testTheLargestTheFirstOfTheAlphabetAndGroups(): void
    {
        $table = self::table([
            "What\tThings", "Zip\t5", "Älpler\t40", "kettle\t30", "Lamp\t20", "Bike\t10",
        ])->withRows(array_map(
            static fn (Row $row): Row => new Row(
                $row->id,
                $row->label,
                $row->cells,
                null,
                in_array($row->label, ['Lamp', 'kettle'], true) ? 'Electric' : null,
            ),
            self::table(["What\tThings", "Zip\t5", "Älpler\t40", "kettle\t30", "Lamp\t20", "Bike\t10"])->rows,
        ));
        self::assertSame(['Älpler' => '40', 'kettle' => '30', 'Others' => '35'], self::told($table, 'largest', 2));
        self::assertSame(['Älpler' => '40', 'Bike' => '10', 'Others' => '55'], self::told($table, 'label', 2));
        self::assertSame(['No group' => '55', 'Electric' => '50'], self::told($table, 'group', 5));
    }

    /** As a chart runs, parts that leave the largest become part of the others, and all always come to the whole. */
    #[DataProvider('forms')]
    public function testFiguresEnterAndLeaveTheLargest(string $form): void
    {
        $piece = Sample::piece(
            "What\t2020\t2021\nA\t50\t50\nB\t30\t5\nC\t15\t40\nD\t5\t5",
            [
                'charts.0.run' => [
                    'begin' => 20, 'frames' => 60, 'between' => 'straight', 'places' => 8, 'pins' => [],
                ],
                'charts.0.form.order' => 'descending',
                'charts.0.words.reading.of' => 'value',
                'charts.0.pick' => ['by' => 'largest', 'count' => 2, 'others' => true],
                'stage.frames' => 120,
            ],
            $form,
        );
        $timing = Sample::draw($piece)->timings['chart1'];
        $ids = array_map(static fn (Figure $figure): string => $figure->id, $timing->figures()->list);
        self::assertSame(['r1', 'r2', 'r3', 'others'], $ids);
        if ($form === 'donut') {
            self::assertSame([30.0, 0.0, 20.0], self::values($timing->story->valuesAt(0)));
            self::assertSame([0.0, 40.0, 10.0], self::values($timing->story->valuesAt(110)));
            for ($frame = 0; $frame < 120; ++$frame) {
                self::assertEqualsWithDelta(100.0, array_sum($timing->story->valuesAt($frame)), 1e-9);
            }
        } else {
            // On a scale those that are not picked keep their figures, and are not seen.
            $seen = static fn (string $id, int $frame): float => $timing->number($id, 'opacity')->at($frame);
            self::assertSame([30.0, 15.0, 20.0], self::values($timing->story->valuesAt(0)));
            self::assertSame([1.0, 0.0, 1.0], [$seen('r2', 0), $seen('r3', 0), $seen('others', 0)]);
            self::assertSame([0.0, 1.0, 1.0], [$seen('r2', 110), $seen('r3', 110), $seen('others', 110)]);
            $place = static fn (int $frame): float => $timing->story->placeAt('others', $frame);
            self::assertSame([2.0, 2.0], [$place(0), $place(110)]);
        }
        self::assertTrue(Sample::prove($piece)->isExact());
    }

    /** @return iterable<string, array{string}> */
    public static function forms(): iterable
    {
        yield 'parts' => ['donut'];
        yield 'on a scale' => ['bars'];
    }

    /** What was said of a row waits while it is not picked: moves, emphasis, pointer and shot come with the row. */
    public function testWhatIsSaidOfARowWaitsUntilItIsPicked(): void
    {
        $figure = ['chart' => 'chart1', 'figure' => 'r5'];
        $move = static fn (string $id, string $kind, array $more): array => [
            'id' => $id, 'kind' => $kind, 'target' => $figure, 'begin' => 40, 'pin' => null, 'frames' => 20,
            'curve' => 'linear', 'opens' => 'forward', ...$more,
        ];
        $emphasis = ['out' => 20, 'size' => 1.1, 'light' => 0.2, 'dim' => 0.4, 'label' => 1.2, 'note' => null];
        $moves = [
            $move('m1', 'entrance', []),
            $move('m2', 'change', ['property' => 'opacity', 'to' => 0.4]),
            $move('m3', 'emphasis', ['emphasis' => [...$emphasis, 'until' => 100, 'untilPin' => null]]),
            $move('m4', 'shot', [
                'target' => ['camera' => true],
                'shot' => ['zoom' => 2, 'on' => $figure, 'x' => 0, 'y' => 0],
            ]),
        ];
        $piece = static fn (int $count): Piece => Sample::piece("A\t50\nB\t30\nC\t15\nD\t9\nE\t5", [
            'charts.0.pick' => ['by' => 'largest', 'count' => $count],
            'charts.0.words.centre.figure' => 'r5',
            'words.0.pointsAt' => $figure,
            'moves' => $moves,
        ]);
        self::assertTrue(Sample::prove($piece(2))->isExact());
        $timing = Sample::draw($piece(5))->timings['chart1'];
        self::assertSame(40, $timing->moves['r5']->entrance?->begin);
        self::assertSame(0.4, round($timing->number('r5', 'opacity')->at(80), 9));
    }

    /** A value that a move gives a row brings it among the largest, and its state has another one leave. */
    public function testAChangeOfAFigureBringsItAmongTheLargest(): void
    {
        $piece = Sample::piece("A\t50\nB\t30\nC\t15\nD\t5", [
            'charts.0.pick' => ['by' => 'largest', 'count' => 2],
            'charts.0.words.reading.of' => 'value',
            'moves' => [[
                'id' => 'm1', 'kind' => 'change', 'target' => ['chart' => 'chart1', 'figure' => 'r4'], 'begin' => 60,
                'pin' => null, 'frames' => 20, 'curve' => 'linear', 'opens' => 'forward', 'property' => 'value',
                'to' => '70',
            ]],
        ]);
        $timing = Sample::draw($piece)->timings['chart1'];
        self::assertEquals(['r1' => 50.0, 'r2' => 30.0, 'r4' => 0.0, 'others' => 20.0], $timing->story->valuesAt(0));
        self::assertEquals(['r1' => 50.0, 'r2' => 0.0, 'r4' => 70.0, 'others' => 45.0], $timing->story->valuesAt(120));
        self::assertTrue(Sample::prove($piece)->isExact());
    }

    public function testACellThatIsNoNumberIsToldWithItsRow(): void
    {
        $this->expectException(ImpossibleFigures::class);
        $this->expectExceptionMessage('Row 3, “C”');
        $table = self::table(["What\tThings", "A\t1", "B\t2", "C\t3"])->withCell('r3', 0, 'many');
        Pick::of(self::settings('largest', 1), [[$table, ['c1']]], true);
    }

    /** @return array<string, string> */
    private static function told(Table $table, string $by, int $count): array
    {
        $rows = Pick::of(self::settings($by, $count), [[$table, ['c1']]], false)->tables[0]->rows;
        $told = [];
        foreach ($rows as $row) {
            $told[$row->label] = $row->cells[0];
        }

        return $told;
    }

    /**
     * @param array<string, float> $values
     *
     * @return list<float>
     */
    private static function values(array $values): array
    {
        return [$values['r2'], $values['r3'], $values['others']];
    }

    private static function settings(string $by, int $count): PickSettings
    {
        $settings = Group::of(PickSettings::class)->read(Field::root(['by' => $by, 'count' => $count]));
        self::assertNotNull($settings);

        return $settings;
    }

    /** @param list<string> $lines */
    private static function table(array $lines): Table
    {
        return TableText::read(implode("\n", $lines));
    }
}
