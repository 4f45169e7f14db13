<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Motion;

use Lupine\Core\Drawing\WriteReel;
use Lupine\Core\Figures\Presence;
use Lupine\Core\Story\ChartTiming;
use Lupine\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A chart that goes through the columns of its table. */
final class RunTest extends TestCase
{
    /** @return iterable<string, array{string, string}> */
    public static function forms(): iterable
    {
        foreach (['bars', 'donut', 'rings', 'line'] as $form) {
            foreach (['straight', 'eased', 'hold'] as $between) {
                yield $form.', '.$between => [$form, $between];
            }
        }
    }

    /**
     * At its moments the figures are those of the table; between two of them they go from one to the other and never
     * turn back; parts of a whole come to the whole on every frame; ranks are those of the figures.
     */
    #[DataProvider('forms')]
    public function testFiguresAreThoseOfTheTable(string $form, string $between): void
    {
        mt_srand(crc32($form.$between));
        for ($round = 0; $round < 8; ++$round) {
            [$rows, $moments] = [mt_rand(2, 7), mt_rand(2, 6)];
            $values = [];
            for ($row = 0; $row < $rows; ++$row) {
                $values[] = array_map(static fn (): int => mt_rand(1, 400), range(1, $moments));
            }
            $piece = Sample::piece(self::table($values), ['charts.0.run' => [
                'begin' => 20,
                'frames' => 40 * ($moments - 1),
                'between' => $between,
                'places' => 9,
                'pins' => [],
            ], 'charts.0.words.reading.of' => 'value', 'stage.frames' => 280, ...$form === 'line' ? [] : [
                'charts.0.form.order' => 'descending',
            ]], $form);
            $timing = Sample::draw($piece)->timings['chart1'];
            $run = $timing->run;
            self::assertNotNull($run);
            $isOfWhole = $form === 'donut';
            $before = null;
            for ($frame = 0; $frame < 280; ++$frame) {
                $now = $timing->story->valuesAt($frame);
                if ($isOfWhole) {
                    $parts = array_map(
                        static fn (string $id): float => $timing->amounts->fractionAt($id, $frame),
                        array_keys($now),
                    );
                    self::assertEqualsWithDelta(1.0, array_sum($parts), 1e-9);
                }
                $at = array_search($frame, $run->frames, true);
                if ($at !== false) {
                    $typed = array_map(static fn (array $row): float => (float) $row[$at], $values);
                    self::assertEqualsWithDelta($typed, array_values($now), 1e-9, 'the moment on frame '.$frame);
                    foreach ($values as $row => $cells) {
                        $reading = $timing->amounts->readingAt('r'.($row + 1), $frame, Presence::full());
                        self::assertSame((string) $cells[$at], preg_replace('/\D/', '', $reading));
                    }
                }
                if ($before !== null && $frame > $run->frames[0] && $frame <= $run->end()) {
                    $to = count(array_filter($run->frames, static fn (int $one): bool => $one < $frame));
                    foreach (array_values($now) as $row => $value) {
                        $way = $values[$row][$to] - $values[$row][$to - 1];
                        self::assertGreaterThanOrEqual(-1e-9, ($value - $before[$row]) * ($way <=> 0));
                    }
                }
                $before = array_values($now);
            }
            if ($form !== 'line') {
                self::assertSame(self::ranks($values, 0), self::places($timing, $run->frames[0]));
                self::assertSame(self::ranks($values, $moments - 1), self::places($timing, $run->end() + 9));
            }
        }
    }

    /** Those that pass each other change places with a move, and come to rest on whole places. */
    public function testRanksChangePlacesWithAMove(): void
    {
        $piece = Sample::piece("What\t2021\t2022\nKettles\t100\t100\nLamps\t50\t150", [
            'charts.0.run' => ['begin' => 0, 'frames' => 100, 'between' => 'straight', 'places' => 10, 'pins' => []],
            'charts.0.form.order' => 'descending',
            'stage.frames' => 140,
        ], 'bars');
        $timing = Sample::draw($piece)->timings['chart1'];
        $place = static fn (int $frame): float => $timing->story->placeAt('r2', $frame);

        // Half of the way both are 100; on the frame behind it the lamps are more.
        self::assertSame([1.0, 1.0, 0.0], [$place(0), $place(50), $place(61)]);
        $way = array_map($place, range(51, 61));
        self::assertSame($way, array_reverse(self::sorted($way)));
        self::assertGreaterThan(0.1, $way[5]);
        self::assertLessThan(0.9, $way[5]);
        self::assertTrue(Sample::prove($piece)->isExact());
    }

    /** Moments stand where they are pinned; those between are spread by their dates; the text says where it is. */
    public function testMomentsArePinnedAndSpreadBetween(): void
    {
        $piece = Sample::piece("What\t2010\t2012\t2015\t2020\nKettles\t1\t2\t3\t4", [
            'charts.0.run' => ['begin' => 0, 'frames' => 100, 'between' => 'straight', 'places' => 10, 'pins' => [
                ['column' => 'c3', 'frame' => 90, 'pin' => null],
            ]],
            'words.0.momentOf' => 'chart1',
            'stage.frames' => 140,
        ], 'bars');
        $drawing = Sample::draw($piece);
        $run = $drawing->timings['chart1']->run;

        // Two of the five years from 2010 to 2015: 2/5 of 90 frames.
        self::assertSame([0, 36, 90, 100], $run?->frames);
        // Between two moments the year counts with the figures, to the nearest whole one.
        self::assertSame(
            ['2010', '2011', '2012', '2012', '2015', '2015', '2016', '2020'],
            array_map($drawing->timings['chart1']->story->columnNameAt(...), [0, 18, 36, 37, 89, 90, 92, 139]),
        );
        $runs = array_column(WriteReel::of($drawing)->runs, 0);
        self::assertSame([], array_diff(['2010', '2012', '2014', '2020'], $runs), 'the moments, as the title says them');
    }

    /** @param list<list<int>> $values */
    private static function table(array $values): string
    {
        $lines = ["What\t".implode("\t", array_map(static fn (int $at): int => 2000 + $at, array_keys($values[0])))];
        foreach ($values as $row => $cells) {
            $lines[] = 'Kind '.($row + 1)."\t".implode("\t", $cells);
        }

        return implode("\n", $lines);
    }

    /**
     * @param list<list<int>> $values
     *
     * @return list<int> values of a column, the largest first
     */
    private static function ranks(array $values, int $column): array
    {
        $at = array_column($values, $column);
        rsort($at);

        return $at;
    }

    /** @return list<int> */
    private static function places(ChartTiming $timing, int $frame): array
    {
        $values = $timing->story->valuesAt($frame);
        $ids = array_keys($values);
        $at = static fn (string $id): float => $timing->story->placeAt($id, $frame);
        usort($ids, static fn (string $a, string $b): int => $at($a) <=> $at($b));

        return array_map(static fn (string $id): int => (int) round($values[$id]), $ids);
    }

    /**
     * @param list<float> $numbers
     *
     * @return list<float>
     */
    private static function sorted(array $numbers): array
    {
        sort($numbers);

        return $numbers;
    }
}
