<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Drawing;

use Lupine\Core\Drawing\Drawing;
use Lupine\Core\Drawing\GroupNode;
use Lupine\Core\Drawing\Node;
use Lupine\Core\Drawing\TextNode;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Proof\MeasuredSector;
use Lupine\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A mark and its reading take the same amount from the same move, on every frame. */
final class OneDriverTest extends TestCase
{
    /** @return iterable<string, array{string, array<string, mixed>}> */
    public static function pieces(): iterable
    {
        $exit = [
            'begin' => 170,
            'frames' => 30,
            'curve' => 'ease-in',
            'order' => 'together',
            'overlap' => 0,
            'opens' => 'middle',
        ];
        yield 'shares, one after another' => [Sample::FIGURES, ['charts.0.entrance.order' => 'after']];
        yield 'values that leave again' => [
            Sample::FIGURES,
            ['charts.0.words.reading.of' => 'value', 'charts.0.words.reading.suffix' => '', 'charts.0.exit' => $exit],
        ];
        yield 'values with decimals' => [
            "Winter\t412.5\nSpring\t638\nSummer\t291.25",
            [
                'charts.0.words.reading.of' => 'value',
                'charts.0.words.reading.suffix' => ' kg',
                'charts.0.form.gap' => 9,
            ],
        ];
        yield 'a curve that would run past its end' => [
            Sample::FIGURES,
            [
                'charts.0.words.reading.of' => 'value',
                'charts.0.words.reading.suffix' => '',
                'charts.0.entrance.curve' => [0.68, -0.55, 0.27, 1.55],
                'charts.0.entrance.frames' => 60,
            ],
        ];
        yield 'opening from the middle, counterclockwise' => [
            "a\t35 %\nb\t40 %\nc\trest",
            ['charts.0.entrance.opens' => 'middle', 'charts.0.form.direction' => 'counterclockwise'],
        ];
    }

    /** @param array<string, mixed> $changes */
    #[DataProvider('pieces')]
    public function testReadingAndSweepAgreeOnEveryFrame(string $figures, array $changes): void
    {
        $drawing = Sample::draw(Sample::piece($figures, $changes));
        $timing = $drawing->timings['chart1'];
        $marks = [];
        foreach ($drawing->marks() as $mark) {
            $marks[$mark->mark->figureId ?? ''] = $mark;
        }
        $readings = self::readings($drawing);
        self::assertCount(count($timing->figures()->list), $readings);
        foreach ($timing->figures()->list as $figure) {
            $reading = $timing->story->states[0]->readings->of($figure->id);
            $full = $reading->number(1.0);
            for ($frame = 0; $frame < $drawing->frames; ++$frame) {
                $amount = $timing->moves[$figure->id]->presenceAt($frame)->amount;
                $outline = $marks[$figure->id]->outline->at($frame);
                $sweep = $outline === '' ? 0.0 : MeasuredSector::of($outline, new Point(0, 0))->share;
                self::assertEqualsWithDelta(
                    $figure->share() * $amount,
                    $sweep,
                    2e-7,
                    "sweep of {$figure->label} on frame {$frame}",
                );
                $shown = $readings[$figure->id]->run->at($frame)->text;
                $number = (float) preg_replace('/[^\d.]/', '', str_replace(',', '', $shown));
                $expected =
                    $amount >= 1.0 ? $full : min($full, round($reading->full() * $amount, $reading->decimals()));
                self::assertEqualsWithDelta($expected, $number, 1e-9, "reading of {$figure->label} on frame {$frame}");
                self::assertLessThanOrEqual($full, $number, 'a reading never passes its figure');
                self::assertLessThanOrEqual(
                    $reading->decimals(),
                    strlen(
                        explode('.', $shown.'.')[1] === ''
                            ? ''
                            : (string) preg_replace('/\D/', '', explode('.', $shown)[1]),
                    ),
                );
            }
        }
    }

    /** Counting numbers do not jitter: every digit takes the same room. */
    public function testReadingsStandStill(): void
    {
        $widths = [];
        $reading = self::readings(Sample::draw(Sample::piece(changes: ['charts.0.words.reading.decimals' => 1])))['r1'];
        foreach (range(20, 36) as $frame) {
            $run = $reading->run->at($frame);
            if (strlen($run->text) === 5) {
                $widths[(string) round($run->width, 3)] = $run->text;
            }
        }
        self::assertCount(1, $widths);
    }

    /** @return array<string, TextNode> by figure id */
    private static function readings(Drawing $drawing): array
    {
        $found = [];
        $walk = static function (Node $node) use (&$walk, &$found): void {
            if ($node instanceof GroupNode) {
                array_map($walk, $node->children);
            } elseif (
                $node instanceof TextNode
                && $node->readingOf !== null
                && str_starts_with($node->readingOf, 'r')
            ) {
                $found[$node->readingOf] = $node;
            }
        };
        array_map($walk, $drawing->nodes);

        return $found;
    }
}
