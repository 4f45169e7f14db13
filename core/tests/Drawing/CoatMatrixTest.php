<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Drawing;

use Lupine\Core\Drawing\Drawing;
use Lupine\Core\Finish\CoatSamples;
use Lupine\Core\Form\Forms;
use Lupine\Core\Formats\Svg;
use Lupine\Core\Piece\ChartMotion;
use Lupine\Core\Tests\Rounds;
use Lupine\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Coats of every kind on every form, over tables, manners, orders and changes at random: amid the entrance, amid the
 * changes and after them, the marks are those of the plain chart, and so is all that an SVG says of them.
 */
final class CoatMatrixTest extends TestCase
{
    private const CHANGED = 120;

    private const FRAMES = [20, 44, self::CHANGED + 7, self::CHANGED + 13, 220];

    /** @return iterable<string, array{int, string}> */
    public static function forms(): iterable
    {
        foreach (Forms::shipped()->names() as $place => $name) {
            yield $name => [$place, $name];
        }
    }

    #[DataProvider('forms')]
    public function testMarksAreThoseOfThePlainChart(int $place, string $form): void
    {
        $chance = new Randomizer(new Mt19937($place + 19));
        $rounds = Rounds::of(4, 40);
        for ($round = 0; $round < $rounds; ++$round) {
            $manners = array_keys(ChartMotion::MANNERS);
            $orders = array_keys(ChartMotion::ORDERS);
            $motion = [
                'charts.0.entrance.manner' => $manners[$round % count($manners)],
                'charts.0.entrance.order' => $orders[$chance->getInt(0, count($orders) - 1)],
                'charts.0.entrance.begin' => 10,
                'charts.0.entrance.frames' => 40,
                'moves' => self::changes($chance, $form),
            ];
            $table = self::table($chance, $form);
            // Each form begins with other samples, so that all of them come.
            $coats = array_map(
                static fn (array $samples): array => $samples[($place * $rounds + $round) % count($samples)]['coats'],
                CoatSamples::all(),
            );
            $finish = array_combine(
                array_map(static fn (string $list): string => 'charts.0.finish.'.$list, array_keys($coats)),
                $coats,
            );
            $plain = Sample::draw(Sample::piece($table, $motion, $form));
            $coated = Sample::draw(Sample::piece($table, [...$motion, ...$finish], $form));
            foreach (self::FRAMES as $frame) {
                self::assertSame(
                    self::marks($plain, $frame),
                    self::marks($coated, $frame),
                    sprintf("%s, frame %d\n%s\n%s", $form, $frame, $table, json_encode([$motion, $coats])),
                );
            }
        }
    }

    /** Two columns, now and then with nothing in a cell's place but zero. */
    private static function table(Randomizer $chance, string $form): string
    {
        if ($form === 'dial') {
            return sprintf(
                "What\tThen\tNow\nMended\t%d%%\t%d%%\nBeyond us\trest\trest",
                $chance->getInt(1, 99),
                $chance->getInt(1, 99),
            );
        }
        $figure = static fn (): int => $chance->getInt(0, 5) === 0 ? 0 : $chance->getInt(1, 900);
        $lines = ["What\tThen\tNow", sprintf("First\t%d\t%d", $chance->getInt(1, 900), $chance->getInt(1, 900))];
        for ($row = $chance->getInt(2, 7); $row > 0; --$row) {
            $lines[] = sprintf("Row %d\t%d\t%d", $row, $figure(), $figure());
        }

        return implode("\n", $lines);
    }

    /** @return list<array<string, mixed>> to the other column, and two more of whatever all charts have */
    private static function changes(Randomizer $chance, string $form): array
    {
        $change = static fn (string $property, string|float $to, ?string $figure = null): array => [
            'id' => 'm'.crc32($property.$figure), 'kind' => 'change', 'begin' => self::CHANGED, 'pin' => null,
            'target' => ['chart' => 'chart1', ...$figure === null ? [] : ['figure' => $figure]],
            'property' => $property, 'to' => $to, 'frames' => 20, 'curve' => 'ease-in-out', 'opens' => 'forward',
        ];
        $more = $chance->shuffleArray([
            $change('turn', (float) $chance->getInt(-90, 90)),
            $change('size', $chance->getInt(50, 150) / 100),
            $change('opacity', $chance->getInt(30, 90) / 100),
            $change('out', (float) $chance->getInt(5, 80), 'r1'),
            $change('light', $chance->getInt(10, 90) / 100, 'r1'),
            $change('y', (float) $chance->getInt(-80, 80), 'r1'),
        ]);

        return [$change('column', 'c2'), $more[0], $more[1]];
    }

    /** @return list<array<string, string>> what an SVG says of its marks, from the back to the front */
    private static function marks(Drawing $drawing, int $frame): array
    {
        $svg = new \SimpleXMLElement(Svg::ofFrame($drawing, $frame));

        return array_map(static fn (\SimpleXMLElement $mark): array => array_map(
            static fn (string $name): string => (string) $mark[$name],
            ['data-figure', 'data-label', 'data-value', 'data-share', 'd'],
        ), $svg->xpath('//*[@data-figure]') ?: []);
    }
}
