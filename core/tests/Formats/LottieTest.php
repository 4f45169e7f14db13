<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Formats;

use Lupine\Core\Drawing\Drawing;
use Lupine\Core\Formats\Lottie\LottieAnimation;
use Lupine\Core\Formats\Lottie\Picture;
use Lupine\Core\Formats\TooLong;
use Lupine\Core\Geometry\Cubic;
use Lupine\Core\Geometry\SvgPath;
use Lupine\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

/**
 * Animations are read here as the Lottie Specification 1.0 says it: keyframes that stand or go straight, and points
 * with what comes in and goes out. That they are valid and played is checked in the browser (`files.spec.ts`).
 */
final class LottieTest extends TestCase
{
    private const ENTRANCE = ['begin' => 3, 'frames' => 30, 'curve' => 'ease-out', 'order' => 'overlapping',
        'overlap' => 4, 'opens' => 'forward'];

    public function testOnEachFrameMarksAreWhereTheDrawingHasThem(): void
    {
        $drawing = Sample::draw(Sample::piece(Sample::FIGURES, [
            'charts.0.entrance' => self::ENTRANCE, 'charts.0.form.corner' => 8,
        ], 'donut'));
        $layers = self::shapes(self::animated($drawing));
        $looked = 0;
        foreach ($drawing->marks() as $mark) {
            $layer = $layers[$mark->mark->label ?? ''] ?? [];
            self::assertNotSame([], $layer, (string) $mark->mark?->label);
            foreach ([0, 4, 9, 17, 26, 33, 100, 239] as $frame) {
                $outline = $mark->outline->at($frame);
                $isSeen = self::at($layer['ks']['o'], $frame) > 0;
                self::assertSame($outline !== '' && $mark->opacity->at($frame) > 0, $isSeen);
                foreach ($outline === '' ? [] : SvgPath::parts($outline) as $part => $cubics) {
                    self::assertSameOutline($cubics, self::at($layer['shapes'][0]['it'][$part]['ks'], $frame)[0]);
                    ++$looked;
                }
            }
        }
        self::assertGreaterThan(12, $looked);
    }

    public function testWhatTheFormatHasNotIsPaintedForAsLongAsItIsSeen(): void
    {
        $glow = ['charts.0.entrance' => self::ENTRANCE, 'charts.0.finish.glows' => [['reach' => 30]]];
        $asked = [];
        $animation = self::animated(Sample::draw(Sample::piece(changes: $glow)), $asked);
        self::assertNotSame([], $asked);
        $images = array_values(array_filter($animation['layers'], static fn (array $one): bool => $one['ty'] === 2));
        self::assertCount(array_sum(array_map(count(...), $asked)), $images);
        // They follow each other without a gap, and stand where they were cut out.
        $ends = array_column($images, 'op', 'ip');
        foreach (array_column($images, 'op') as $end) {
            self::assertTrue($end === 240 || isset($ends[$end]));
        }
        self::assertSame([7, 9, 0], $images[0]['ks']['p']['k']);
        // The same picture stands in it once.
        self::assertCount(1, array_filter($animation['assets'], static fn (array $one): bool => isset($one['p'])));
    }

    public function testItSaysWhatItIsAndWhereItsLinesAre(): void
    {
        $animation = self::animated(Sample::draw(Sample::piece()));
        self::assertSame(['A & B', 'In short.'], [$animation['nm'], $animation['meta']['d']]);
        self::assertSame([['cm' => 'One line.', 'tm' => 10, 'dr' => 30]], $animation['markers']);
        self::assertSame([1920, 1080, 0, 240], [
            $animation['w'], $animation['h'], $animation['ip'], $animation['op'],
        ]);
    }

    public function testTooManyPicturesAreRefusedBeforeTheyArePainted(): void
    {
        $long = [
            'stage.frames' => 2000,
            'charts.0.entrance' => [...self::ENTRANCE, 'frames' => 1900],
            'charts.0.finish.glows' => [['reach' => 30]],
        ];
        $asked = [];
        try {
            self::animated(Sample::draw(Sample::piece(changes: $long)), $asked);
            self::fail('It is too much.');
        } catch (TooLong $reason) {
            self::assertStringContainsString('make an animated SVG or a page', $reason->getMessage());
        }
        self::assertSame([], $asked);
    }

    /**
     * @param list<list<int>> $asked the frames of which pictures were asked for
     *
     * @return array<string, mixed>
     */
    private static function animated(Drawing $drawing, array &$asked = []): array
    {
        $painted = static function (Drawing $soft, array $frames) use (&$asked): array {
            $asked[] = array_values($frames);

            return array_fill_keys($frames, new Picture('data:image/png;base64,AAAA', 7, 9, 20, 10));
        };
        $text = LottieAnimation::of($drawing, 'A & B', 'In short.', [[10, 40, 'One line.']], $painted);

        return json_decode($text, true, 64, JSON_THROW_ON_ERROR);
    }

    /**
     * @param array<string, mixed> $animation
     *
     * @return array<string, array<string, mixed>> layers with outlines, by their names
     */
    private static function shapes(array $animation): array
    {
        $all = $animation['layers'];
        foreach ($animation['assets'] as $asset) {
            array_push($all, ...$asset['layers'] ?? []);
        }

        // Letters are in font units, so they are scaled.
        $isMark = static fn (array $one): bool => $one['ty'] === 4 && isset($one['nm'])
            && array_map(floatval(...), end($one['shapes'][0]['it'])['s']['k']) === [100.0, 100.0];

        return array_column(array_filter($all, $isMark), null, 'nm');
    }

    /** @param array<string, mixed> $property */
    private static function at(array $property, int $frame): mixed
    {
        if ($property['a'] === 0) {
            return is_array($property['k']) && isset($property['k']['v']) ? [$property['k']] : $property['k'];
        }
        $value = null;
        foreach ($property['k'] as $key) {
            $value = $key['t'] <= $frame || $value === null ? $key['s'] : $value;
        }

        return isset($value[0]) && !is_array($value[0]) ? $value[0] : $value;
    }

    /**
     * @param list<Cubic> $cubics
     * @param array{v: list<array{float, float}>, i: list<array{float, float}>, o: list<array{float, float}>} $shape
     */
    private static function assertSameOutline(array $cubics, array $shape): void
    {
        foreach ($cubics as $place => $cubic) {
            [$x, $y] = $shape['v'][$place];
            [$outX, $outY] = $shape['o'][$place];
            self::assertEqualsWithDelta([$cubic->from->x, $cubic->from->y], [$x, $y], 0.001);
            // A last point can stand there several times; the way on goes from the last of them.
            if ($place < count($cubics) - 1) {
                [$toX, $toY] = $shape['v'][$place + 1];
                [$inX, $inY] = $shape['i'][$place + 1];
                self::assertEqualsWithDelta([$cubic->first->x, $cubic->first->y], [$x + $outX, $y + $outY], 0.002);
                self::assertEqualsWithDelta([$cubic->second->x, $cubic->second->y], [$toX + $inX, $toY + $inY], 0.002);
            }
        }
        $last = $shape['v'][count($cubics) - 1];
        foreach (array_slice($shape['v'], count($cubics)) as $again) {
            self::assertSame($last, $again);
        }
    }
}
