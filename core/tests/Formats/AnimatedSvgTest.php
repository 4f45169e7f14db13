<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Formats;

use Lupine\Core\Drawing\Drawing;
use Lupine\Core\Formats\AnimatedSvg;
use Lupine\Core\Formats\Svg;
use Lupine\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * An animated SVG is read here as SVG Animations Level 2 says it: keyTimes, values, and straight from one to the next
 * or at once. What comes of it on a frame is what a still of that frame has.
 */
final class AnimatedSvgTest extends TestCase
{
    /** @return iterable<string, array{string, array<string, mixed>}> */
    public static function pieces(): iterable
    {
        $entrance = ['begin' => 3, 'frames' => 30, 'curve' => 'ease-out', 'order' => 'overlapping', 'overlap' => 4,
            'opens' => 'forward'];
        yield 'donut, one after the other, with corners' => ['donut', [
            'charts.0.entrance' => $entrance, 'charts.0.form.corner' => 8,
            'charts.0.finish.fills' => [['kind' => 'radial', 'of' => 'part']],
        ]];
        yield 'bars in a run' => ['bars', [
            'charts.0.entrance' => [...$entrance, 'opens' => null],
            'charts.0.run' => ['begin' => 50, 'frames' => 80, 'between' => 'eased', 'places' => 10, 'pins' => []],
        ]];
    }

    /** @param array<string, mixed> $changes */
    #[DataProvider('pieces')]
    public function testOnEachFrameMarksAreWhereAStillHasThem(string $form, array $changes): void
    {
        $table = $form === 'bars' ? "What\t2020\t2021\nKettles\t30\t60\nLamps\t70\t40" : Sample::FIGURES;
        $drawing = Sample::draw(Sample::piece($table, $changes, $form));
        $svg = $this->played($drawing);
        $looked = 0;
        foreach ([0, 4, 9, 17, 26, 33, 48, 71, 96, 140, 239] as $frame) {
            $still = $this->marks(new \SimpleXMLElement(Svg::ofFrame($drawing, $frame)));
            $its = $this->playedAt($svg, $frame / $drawing->frames);
            foreach ($still as $figure => $outline) {
                self::assertLessThan(0.03, self::off($outline, $its[$figure] ?? ''), "$figure on frame $frame");
                $looked += $outline === '' ? 0 : 1;
            }
        }
        self::assertGreaterThan(10, $looked);
    }

    public function testItSaysWhatItIsAndEndsOrBeginsAgain(): void
    {
        $drawing = Sample::draw(Sample::piece());
        $once = $this->played($drawing, false);
        self::assertSame('A & B', (string) $once->title);
        self::assertSame('In short.', (string) $once->desc);
        $animates = $once->xpath('//*[local-name()="animate"]') ?: [];
        self::assertNotSame([], $animates);
        foreach ($animates as $animate) {
            $times = array_map(floatval(...), explode(';', (string) $animate['keyTimes']));
            self::assertCount(count($times), explode(';', (string) $animate['values']));
            self::assertSame(0.0, $times[0]);
            $rising = $times;
            sort($rising);
            self::assertSame($rising, $times);
            $isAtOnce = (string) $animate['calcMode'] === 'discrete';
            self::assertTrue($isAtOnce || end($times) === 1.0);
            self::assertSame('freeze', (string) $animate['fill']);
        }
        $again = $this->played($drawing)->xpath('//*[@repeatCount="indefinite"]') ?: [];
        self::assertSame(count($animates), count(array_filter(
            $again,
            static fn (\SimpleXMLElement $one): bool => $one->getName() === 'animate',
        )));
    }

    private function played(Drawing $drawing, bool $loops = true): \SimpleXMLElement
    {
        return new \SimpleXMLElement(AnimatedSvg::of(
            $drawing,
            $drawing->frames - 1,
            'A & B',
            'In short.',
            $loops,
            static fn (): string => '',
        ));
    }

    /** @return array<string, string> outlines by figure */
    private function marks(\SimpleXMLElement $svg): array
    {
        $marks = [];
        foreach ($svg->xpath('//*[@data-figure]') ?: [] as $mark) {
            $marks[(string) $mark['data-figure']] = (string) $mark['d'];
        }

        return $marks;
    }

    /** @return array<string, string> outlines by figure at a part of the whole time; none that is not shown */
    private function playedAt(\SimpleXMLElement $svg, float $time): array
    {
        $marks = [];
        foreach ($svg->xpath('//*[@data-figure]') ?: [] as $mark) {
            if (self::valueOf($mark, 'display', $time, 'inline') === 'none') {
                continue;
            }
            $outline = ($svg->xpath('//*[@id="'.substr((string) $mark['href'], 1).'"]') ?: [])[0];
            $marks[(string) $mark['data-figure']] = self::valueOf($outline, 'd', $time, (string) $outline['d']);
        }

        return $marks;
    }

    /** What an attribute is at a time. Source: SVG Animations Level 2, 2.14, “calcMode” and “keyTimes”. */
    private static function valueOf(\SimpleXMLElement $element, string $name, float $time, string $still): string
    {
        foreach ($element->animate as $animate) {
            if ((string) $animate['attributeName'] !== $name) {
                continue;
            }
            $times = array_map(floatval(...), explode(';', (string) $animate['keyTimes']));
            $values = explode(';', (string) $animate['values']);
            $at = 0;
            while (isset($times[$at + 1]) && $times[$at + 1] <= $time + 1e-6) {
                ++$at;
            }
            if ((string) $animate['calcMode'] === 'discrete' || !isset($times[$at + 1])) {
                return $values[$at];
            }

            $part = ($time - $times[$at]) / ($times[$at + 1] - $times[$at]);

            return self::between($values[$at], $values[$at + 1], $part);
        }

        return $still;
    }

    /** Numbers go straight from one to the other; where the commands differ, the nearer one is shown. */
    private static function between(string $from, string $to, float $part): string
    {
        $number = '/-?\d+\.?\d*(?:e-?\d+)?/';
        if (preg_replace($number, '#', $from) !== preg_replace($number, '#', $to)) {
            return $part < 0.5 ? $from : $to;
        }
        preg_match_all($number, $to, $others);
        $place = -1;

        $gone = static function (array $found) use ($others, $part, &$place): string {
            ++$place;

            return sprintf('%.6F', (float) $found[0] + ((float) $others[0][$place] - (float) $found[0]) * $part);
        };

        return (string) preg_replace_callback($number, $gone, $from);
    }

    /** By how much two outlines are apart, number by number; far where they are not alike at all. */
    private static function off(string $one, string $other): float
    {
        if ($one === '' || $other === '') {
            return $one === $other ? 0.0 : 1e9;
        }
        $numbers = static function (string $path): array {
            preg_match_all('/-?\d+\.?\d*(?:e-?\d+)?/', $path, $found);

            return array_map(floatval(...), $found[0]);
        };
        [$its, $others] = [$numbers($one), $numbers($other)];

        return count($its) !== count($others) ? 1e9 : max(array_map(
            static fn (float $a, float $b): float => abs($a - $b),
            $its,
            $others,
        ));
    }
}
