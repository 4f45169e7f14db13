<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Formats;

use Lupine\Core\Formats\Svg;
use Lupine\Core\Geometry\MeasuredOutline;
use Lupine\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

/** The public contract of an SVG, read as an outside tool would. */
final class SvgTest extends TestCase
{
    public function testMarksAndReadingsCanBeMeasured(): void
    {
        $piece = Sample::piece("Kettles & <pots>\t35 %\nLamps\t40 %\nOthers\trest", [
            'charts.0.finish.glows' => [['reach' => 20, 'opacity' => 0.5]],
            'charts.0.finish.patterns' => [['kind' => 'dots', 'size' => 30, 'opacity' => 0.2, 'degrees' => 0]],
        ]);
        $svg = new \SimpleXMLElement(Svg::ofFrame(Sample::draw($piece), 239, 'A title with “<”'));
        $marks = $svg->xpath('//*[@data-figure]') ?: [];

        self::assertSame(
            ['Lamps', 'Kettles & <pots>', 'Others'],
            array_map(static fn (\SimpleXMLElement $mark): string => (string) $mark['data-label'], $marks),
        );
        $disc = M_PI * (350 ** 2 - 210 ** 2);
        foreach ($marks as $mark) {
            self::assertSame('path', $mark->getName());
            self::assertEqualsWithDelta(
                (float) $mark['data-share'],
                MeasuredOutline::read((string) $mark['d'])->area / $disc,
                1e-6,
            );
            self::assertNull($mark['filter'], 'a mark holds nothing but its own outline');
        }
        self::assertSame(
            ['0.4', '0.35', '0.25'],
            array_map(static fn (\SimpleXMLElement $mark): string => rtrim((string) $mark['data-share'], '0'), $marks),
        );
        $readings = array_map(
            static fn (\SimpleXMLElement $node): string => (string) $node['data-reading'],
            $svg->xpath('//*[@data-reading]') ?: [],
        );
        self::assertContains('40%', $readings);
        self::assertContains('35%', $readings);
    }

    /** Value and share are what is drawn: amid an entrance, in a run, after a change. */
    public function testValuesAndSharesAreThoseOfTheMoment(): void
    {
        $table = "What\t2020\t2021\t2022\nKettles\t30\t60\t20\nLamps\t70\t40\t80";
        $entrance = ['begin' => 0, 'frames' => 20, 'curve' => 'linear', 'order' => 'together', 'overlap' => 0,
            'opens' => 'forward'];
        $run = ['begin' => 40, 'frames' => 80, 'between' => 'straight', 'places' => 10, 'pins' => []];
        foreach (['donut', 'columns'] as $form) {
            $drawing = Sample::draw(Sample::piece($table, [
                'charts.0.entrance' => $entrance,
                'charts.0.run' => $run,
                'charts.0.form.order' => 'sheet',
            ], $form));
            $moments = [10 => [15, 35], 30 => [30, 70], 50 => [37.5, 62.5], 80 => [60, 40], 130 => [20, 80]];
            foreach ($moments as $frame => $wanted) {
                $svg = new \SimpleXMLElement(Svg::ofFrame($drawing, $frame, ''));
                $marks = $svg->xpath('//*[@data-figure]') ?: [];
                foreach ($marks as $index => $mark) {
                    self::assertEqualsWithDelta($wanted[$index], (float) $mark['data-value'], 1e-6, "$form, $frame");
                    self::assertEqualsWithDelta($wanted[$index] / 100, (float) $mark['data-share'], 1e-9);
                }
            }
        }
    }
}
