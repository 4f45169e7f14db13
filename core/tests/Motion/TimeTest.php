<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Motion;

use Lupine\Core\Motion\BadTime;
use Lupine\Core\Motion\Bezier;
use Lupine\Core\Motion\FrameRate;
use Lupine\Core\Motion\NumberField;
use Lupine\Core\Motion\Timecode;
use Lupine\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class TimeTest extends TestCase
{
    /** @return iterable<string, array{int, int, bool, int, string}> */
    public static function timecodes(): iterable
    {
        yield 'plain' => [30, 1, false, 259, '00:00:08:19'];
        yield 'film' => [24, 1, false, 86_400, '01:00:00:00'];
        yield '23.976 counts 24' => [24_000, 1001, false, 24, '00:00:01:00'];
        // SMPTE ST 12-1: numbers 00 and 01 are dropped each minute but every tenth.
        yield 'before the drop' => [30_000, 1001, true, 1_799, '00:00:59;29'];
        yield 'after the drop' => [30_000, 1001, true, 1_800, '00:01:00;02'];
        yield 'ten minutes are 17,982 frames' => [30_000, 1001, true, 17_982, '00:10:00;00'];
        yield 'an hour is 107,892 frames' => [30_000, 1001, true, 107_892, '01:00:00;00'];
        yield '59.94 drops four' => [60_000, 1001, true, 3_600, '00:01:00;04'];
    }

    #[DataProvider('timecodes')]
    public function testTimecodeIsThatOfSmpte(
        int $numerator,
        int $denominator,
        bool $drop,
        int $frame,
        string $text,
    ): void {
        $rate = FrameRate::of($numerator, $denominator);

        self::assertSame($text, Timecode::atFrame($frame, $rate, $drop)->toText());
        self::assertSame($frame, Timecode::read($text, $rate, $drop)->frame);
    }

    public function testNumbersThatNoClockHasAreRefused(): void
    {
        foreach (['99999999999999999999:00:00:00', '0:00:00:00'."\n1", '0:60:00:00', '1:2:3:4:5'] as $typed) {
            try {
                Timecode::read($typed, FrameRate::of(30));
                self::fail($typed.' was read.');
            } catch (BadTime $reason) {
                self::assertStringContainsString('not a timecode', $reason->getMessage());
            }
        }
    }

    public function testTheFirstFrameOfEachSecond(): void
    {
        $rate = FrameRate::of(30_000, 1001);
        for ($second = 0; $second < 1300; ++$second) {
            $first = Timecode::atSecond($second, $rate, true);
            $before = $first->frame === 0 ? '' : Timecode::atFrame($first->frame - 1, $rate, true)->toText();
            self::assertSame(
                sprintf('00:%02d:%02d', intdiv($second, 60), $second % 60),
                substr($first->toText(), 0, 8),
            );
            self::assertNotSame(substr($first->toText(), 0, 8), substr($before, 0, 8));
        }
    }

    public function testEveryFrameComesBackAndNoDroppedNumberIsShown(): void
    {
        $rate = FrameRate::of(30_000, 1001);
        for ($frame = 0; $frame < 20_000; $frame += 7) {
            $text = Timecode::atFrame($frame, $rate, true)->toText();
            self::assertSame($frame, Timecode::read($text, $rate, true)->frame);
            self::assertDoesNotMatchRegularExpression('/:[0-5][1-9]:00;0[01]$/', $text);
        }
        $this->expectException(BadTime::class);
        Timecode::read('00:01:00;01', $rate, true);
    }

    /** @return iterable<string, array{list<float>, list<float>}> */
    public static function curves(): iterable
    {
        foreach (Sample::outside('bezier-easing') as $curve) {
            yield implode(', ', $curve['numbers']) => [$curve['numbers'], $curve['values']];
        }
    }

    /**
     * Source: bezier-easing 3.2 (core/tests/outside/make.mjs); it works to about 1e-7 itself.
     *
     * @param list<float> $numbers
     * @param list<float> $values
     */
    #[DataProvider('curves')]
    public function testCurvesAreThoseOfBezierEasing(array $numbers, array $values): void
    {
        $curve = Bezier::bezier(...$numbers);
        foreach ($values as $step => $value) {
            self::assertEqualsWithDelta($value, $curve->at($step / 20), 1e-5);
        }
    }

    /** Source: W3C, CSS Easing Functions Level 1, section 2.2: the control points of the keywords. */
    public function testTheKeywordsAreThoseOfTheW3C(): void
    {
        foreach (
            [
                'ease' => [0.25, 0.1, 0.25, 1.0],
                'ease-in' => [0.42, 0.0, 1.0, 1.0],
                'ease-out' => [0.0, 0.0, 0.58, 1.0],
                'ease-in-out' => [0.42, 0.0, 0.58, 1.0],
            ] as $name => $numbers
        ) {
            self::assertSame($numbers, Bezier::named($name)->numbers());
        }
        self::assertSame(0.3, Bezier::named('linear')->at(0.3));
    }

    public function testNumberFieldsUnderstandUnits(): void
    {
        $rate = FrameRate::of(30_000, 1001);
        foreach (
            [
                ['65*3.6', 'degrees', 234.0],
                ['35%', 'degrees', 126.0],
                ['126°', 'fraction', 0.35],
                ['35', 'fraction', 0.35],
                ['12f', 'frames', 12.0],
                ['1.5s', 'frames', 45.0],
                ['0:04:15', 'frames', 135.0],
                ['0:26', 'frames', 779.0],
                ['1:00', 'frames', 1798.0],
                ['40 px', 'pixels', 40.0],
            ] as [$typed, $unit, $value]
        ) {
            self::assertEqualsWithDelta($value, NumberField::read($typed, $unit, $rate), 1e-9, $typed);
        }
        $this->expectExceptionMessage('pixels');
        NumberField::read('12°', 'pixels', $rate);
    }
}
