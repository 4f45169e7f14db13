<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Figures;

use Lupine\Core\Figures\PointInTime;
use Lupine\Core\Figures\TimeTicks;
use Lupine\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

/** Days along an axis of time, and figures that stand by their dates. */
final class TimeTicksTest extends TestCase
{
    /** Source: d3-time, utcTicks. */
    public function testTicksAreThoseOfD3Time(): void
    {
        /** @var list<array{from: string, to: string, count: int, ticks: list<int>}> $spans */
        $spans = Sample::outside('d3-time');
        foreach ($spans as $span) {
            $days = array_map(
                static fn (string $date): int => PointInTime::read($date)?->days() ?? 0,
                [$span['from'], $span['to']],
            );
            $ticks = array_keys(TimeTicks::of($days[0], $days[1], $span['count']));
            self::assertSame($span['ticks'], $ticks, $span['from'].' to '.$span['to']);
        }
        self::assertSame(
            ['2023', 'Apr', 'Jul', 'Oct', '2024'],
            array_values(TimeTicks::of(
                PointInTime::read('2023-01-01')?->days() ?? 0,
                PointInTime::read('2024-01-10')?->days() ?? 0,
                4,
            )),
        );
    }

    /** A day, a week and a month apart: as far from each other as the days are; names are as many as have room. */
    public function testFiguresStandByTheirDates(): void
    {
        $table = "Day\tThings\n2024-01-01\t10\n2024-01-02\t20\n2024-01-09\t30\n2024-02-08\t5";
        $piece = Sample::piece($table, [], 'line');
        $timing = Sample::draw($piece)->timings['chart1'];
        $places = array_map(
            static fn (string $id): float => round($timing->story->placeAt($id, 200), 9),
            ['r1', 'r2', 'r3', 'r4'],
        );
        self::assertSame([0.0, round(3 / 38, 9), round(24 / 38, 9), 3.0], $places);
        self::assertTrue(Sample::prove($piece)->isExact());

        $lines = ["Day\tThings"];
        for ($day = 0; $day < 366; ++$day) {
            $lines[] = date('Y-m-d', 86400 * (19723 + $day))."\t".(40 + $day % 30);
        }
        $drawing = Sample::draw(Sample::piece(implode("\n", $lines), [], 'line'));
        $texts = array_column(\Lupine\Core\Drawing\WriteReel::of($drawing)->runs, 0);
        self::assertSame([], array_diff(['2024', 'Apr', 'Jul', 'Oct'], $texts));
        self::assertNotContains('2024-03-05', $texts);
    }
}
