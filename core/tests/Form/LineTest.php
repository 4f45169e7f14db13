<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Form;

use Lupine\Core\Drawing\WriteReel;
use Lupine\Core\Figures\Presence;
use Lupine\Core\Form\Forms;
use Lupine\Core\Form\Line\Stretch;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Proof\Measurement;
use Lupine\Core\Proof\Proof;
use Lupine\Core\Tests\Sample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Lines and areas. */
final class LineTest extends TestCase
{
    private const MONTHS = "Month\tThings\tHours\nJanuary\t80\t12\nFebruary\t95\t30\nMarch\t\t25\nApril\t70\t40\nMay\t120\t8";

    /** Source: d3-shape, curveMonotoneX. */
    public function testSmoothStretchesAreThoseOfD3Shape(): void
    {
        foreach (self::outside()['smooth'] as ['values' => $values, 'pieces' => $pieces]) {
            $points = array_map(
                static fn (float $value, int $index): Point => new Point($index * 10.0, $value),
                array_map(floatval(...), $values),
                array_keys($values),
            );
            foreach ($pieces as $index => [$from, $first, $second, $to]) {
                $stretch = Stretch::all($points, 'smooth', 10.0)[$index + 1];
                self::assertNotNull($stretch);
                foreach ([0.0, 0.2, 0.5, 0.9, 1.0] as $part) {
                    $rest = 1 - $part;
                    $theirs = $rest ** 3 * $from + 3 * $rest ** 2 * $part * $first
                        + 3 * $rest * $part ** 2 * $second + $part ** 3 * $to;
                    self::assertEqualsWithDelta($theirs, $stretch->at($part)->y, 1e-9);
                }
            }
        }
    }

    /** Source: d3-shape, stack. */
    public function testLayersOfAStackAreThoseOfD3Shape(): void
    {
        $outside = self::outside();
        $text = "What\ta\tb\tc\n";
        foreach ($outside['table'] as $row => $cells) {
            $text .= "Row {$row}\t".implode("\t", $cells)."\n";
        }
        $piece = self::piece('area', $text, ['charts.0.series' => ['c1', 'c2', 'c3']]);
        $timing = Sample::drawPiece()->timings->of($piece)['chart1'];
        $layout = $timing->layouts->at(0);
        $pixels = $layout->whole('r1-c1') / $timing->story->states[0]->scale->length();
        foreach ($outside['heights'] as $series => $layer) {
            foreach ($layer as $row => [$low, $high]) {
                $id = sprintf('r%d-c%d', $row + 1, $series + 1);
                $shape = $layout->shape($id, Presence::full(), 0.0);
                $edge = Measurement::of('edge', $shape->outline(), 1.0, $layout->pivot())->share;
                self::assertEqualsWithDelta(($high - $low) * $pixels, $edge, 1e-5);
                self::assertEqualsWithDelta(
                    $layout->extent()->bottom() - $high * $pixels,
                    $shape->rim()->at->y,
                    1e-5,
                );
            }
        }
    }

    /** @return iterable<array{string, string}> */
    public static function forms(): iterable
    {
        foreach (['line', 'area'] as $form) {
            foreach (['straight', 'smooth', 'stepped'] as $curve) {
                yield [$form, $curve];
            }
        }
    }

    /** A thousand tables, above and below zero, with gaps: however far they are drawn, marks stand at their figures. */
    #[DataProvider('forms')]
    public function testMarksStandAtTheirFiguresHoweverFarTheyAreDrawn(string $form, string $curve): void
    {
        mt_srand(crc32($form.$curve));
        $draw = Sample::drawPiece();
        for ($case = 0; $case < 170; ++$case) {
            $text = "What\tThings\n";
            for ($row = 0, $rows = mt_rand(1, 9); $row < $rows; ++$row) {
                $text .= "Row {$row}\t".(mt_rand(0, 5) === 0 && $row > 0 ? '' : mt_rand(-200, 900) / 10)."\n";
            }
            $piece = self::piece($form, $text, [
                'charts.0.form.between' => $curve,
                'charts.0.form.height' => mt_rand(60, 900),
                ...$form === 'line' ? ['charts.0.form.points' => mt_rand(0, 1) * 24] : [],
            ]);
            $timing = $draw->timings->of($piece)['chart1'];
            $layout = $timing->layouts->at(0);
            $zero = $timing->story->states[0]->scale->place(0.0);
            $before = null;
            foreach ($timing->figures()->list as $figure) {
                $last = null;
                foreach ([0.0, mt_rand(1, 99) / 100, 1.0] as $amount) {
                    $there = Presence::opening($amount, 'forward');
                    $outline = $layout->shape($figure->id, $there, 0.0)->outline();
                    self::assertSame($amount > 0 && !$figure->isGap, $outline !== '', $text);
                    if ($outline === '') {
                        continue;
                    }
                    $tip = (float) $layout->tip($figure->id, $there);
                    $share = Measurement::of(
                        $layout->measure()->value,
                        $outline,
                        $layout->whole($figure->id),
                        $layout->pivot(),
                    )->share;
                    $wanted = $form === 'line' ? $zero + $tip : abs($tip);
                    self::assertEqualsWithDelta($wanted, $share, 1e-6, $text.$curve.' '.$figure->id.' '.$amount);
                    // Between two figures nothing goes beyond them.
                    $fraction = $timing->amounts->fractionAt($figure->id, 0);
                    [$low, $high] = [min($before ?? $fraction, $fraction), max($before ?? $fraction, $fraction)];
                    self::assertGreaterThanOrEqual($low - 1e-9, $tip);
                    self::assertLessThanOrEqual($high + 1e-9, $tip);
                    $last = $tip;
                }
                $fraction = $figure->isGap ? 0.0 : $timing->amounts->fractionAt($figure->id, 0);
                self::assertEqualsWithDelta($fraction, $last ?? 0.0, 1e-9);
                $before = $figure->isGap ? null : $timing->amounts->fractionAt($figure->id, 0);
            }
        }
    }

    #[DataProvider('forms')]
    public function testReadingsCountWithTheTipAndProofAgrees(string $form, string $curve): void
    {
        foreach ([[], ['charts.0.series' => ['c1', 'c2']]] as $series) {
            $piece = self::piece($form, self::MONTHS, [
                'charts.0.form.between' => $curve,
                'charts.0.words.labels.show' => 'beside',
                ...$series,
            ]);
            $draw = Sample::drawPiece();
            $drawing = $draw->draw($piece);
            $proof = Proof::of($piece, WriteReel::of($drawing), $drawing->timings, $draw->setter);
            self::assertTrue($proof->isExact(), json_encode($proof->checks(), JSON_THROW_ON_ERROR));
            $timing = $drawing->timings['chart1'];
            $second = $timing->figures()->list[$series === [] ? 1 : 2];
            $move = $timing->moves[$second->id]->entrance;
            self::assertNotNull($move);
            // The reading goes on from the figure before, not from nothing.
            $frame = $move->begin + intdiv($move->end() - $move->begin, 2);
            $there = $timing->moves[$second->id]->presenceAt($frame);
            $said = (float) $timing->amounts->readingAt($second->id, $frame, $there);
            [$least, $most] = $curve === 'stepped' ? [95.0, 95.0] : [86.0, 89.0];
            self::assertTrue($said >= $least && $said <= $most, (string) $said);
        }
    }

    /** Up from the baseline, each figure is as high as so much of it as has come. */
    #[DataProvider('forms')]
    public function testRisesFromTheBaseline(string $form, string $curve): void
    {
        $piece = self::piece($form, self::MONTHS, [
            'charts.0.form.between' => $curve,
            'charts.0.entrance' => ['begin' => 10, 'frames' => 40, 'curve' => 'linear', 'order' => 'overlapping',
                'overlap' => 36, 'opens' => 'baseline'],
        ]);
        $proof = Sample::prove($piece);
        self::assertTrue($proof->isExact(), json_encode($proof, JSON_THROW_ON_ERROR));
        $timing = Sample::draw($piece)->timings['chart1'];
        foreach ([14, 30, 47, 80] as $frame) {
            foreach ($timing->figures()->list as $figure) {
                $there = $timing->moves[$figure->id]->presenceAt($frame);
                self::assertEqualsWithDelta(
                    $there->amount * $timing->amounts->fractionAt($figure->id, $frame),
                    $timing->layouts->at($frame)->tip($figure->id, $there),
                    1e-9,
                );
                self::assertEqualsWithDelta(
                    $there->amount * $figure->value(),
                    (float) $timing->amounts->readingAt($figure->id, $frame, $there),
                    0.51,
                );
            }
        }
    }

    public function testAColumnAndALineOfTheSameTableShareTheirPlacesAndTheirScale(): void
    {
        $draw = Sample::drawPiece();
        $layouts = [];
        foreach (['columns', 'line'] as $form) {
            $timing = $draw->timings->of(self::piece($form, self::MONTHS, [
                'charts.0.form.order' => 'sheet',
                'charts.0.form.width' => 800,
                'charts.0.form.height' => 500,
            ]))['chart1'];
            $layouts[] = $timing->layouts->at(0);
        }
        foreach (['r1', 'r2', 'r4', 'r5'] as $id) {
            [$column, $point] = array_map(
                static fn ($layout): Point => $layout->shape($id, Presence::full(), 0.0)->rim()->at,
                $layouts,
            );
            self::assertEqualsWithDelta($column->x, $point->x, 1e-9);
            self::assertEqualsWithDelta($column->y, $point->y, 1e-9);
        }
    }

    /** @return array<string, mixed> */
    private static function outside(): array
    {
        /** @var array<string, mixed> $read */
        $read = json_decode((string) file_get_contents(__DIR__.'/../outside/d3-shape-lines.json'), true);

        return $read;
    }

    /**
     * Drawn on from the left, where nothing else is said.
     *
     * @param array<string, mixed> $changes
     */
    private static function piece(string $form, string $figures, array $changes): Piece
    {
        $drawn = ['charts.0.entrance' => ['begin' => 12, 'frames' => 6, 'curve' => 'linear', 'order' => 'after',
            'overlap' => 0, 'opens' => 'forward']];

        return Piece::fromJson(
            (string) json_encode(Sample::document($figures, [...$drawn, ...$changes], $form)),
            Forms::shipped(),
        );
    }

    /** A pen of one speed: each stretch takes as long as its way, and all of them as long as they would by time. */
    public function testIsDrawnOnByLength(): void
    {
        $piece = Sample::piece("Month\tThings\nA\t0\nB\t300\nC\t300\nD\t0", [
            'charts.0.form.width' => 400,
            'charts.0.form.height' => 300,
            'charts.0.form.maximum' => 300,
            'charts.0.entrance' => [
                'begin' => 10, 'frames' => 30, 'curve' => 'linear', 'order' => 'length', 'overlap' => 0,
                'opens' => 'forward',
            ],
        ], 'line');
        $timing = Sample::drawPiece()->timings->of($piece)['chart1'];
        $frames = [];
        foreach (['r1', 'r2', 'r3', 'r4'] as $id) {
            $move = $timing->moves[$id]->entrance;
            self::assertNotNull($move);
            $frames[$id] = [$move->begin, $move->frames()];
        }
        // Points stand 100 px apart. The first has no way to it; up and down are hypot(100, 300) long, level is 100.
        $slope = hypot(100, 300);
        $all = 2 * $slope + 100;
        $up = (int) round(120 * $slope / $all);
        $level = (int) round(120 * ($slope + 100) / $all);
        self::assertSame(
            ['r1' => [10, 1], 'r2' => [10, $up], 'r3' => [10 + $up, $level - $up], 'r4' => [10 + $level, 120 - $level]],
            $frames,
        );
        self::assertTrue(Sample::prove($piece)->isExact());
    }

    /** Columns and a line on one axis: one place, one size, one scale that holds both. */
    public function testSharesAnAxisWithColumns(): void
    {
        $document = Sample::document("Month\tMended\tHours\nA\t40\t180\nB\t60\t-20", [], 'columns');
        $line = Sample::document("Month\tMended\tHours\nA\t40\t180\nB\t60\t-20", [], 'line')['charts'][0];
        $document['charts'][] = [
            ...$line, 'id' => 'chart2', 'column' => 'c2', 'axisOf' => 'chart1',
            'place' => ['x' => 100, 'y' => 100, 'placedBy' => 'hand'],
        ];
        $piece = Piece::fromDocument($document, Forms::shipped());
        $drawing = Sample::draw($piece);
        [$columns, $line] = array_values($drawing->timings);
        self::assertEquals($columns->layouts->at(200)->extent(), $line->layouts->at(200)->extent());
        self::assertSame([], array_filter(
            array_keys($line->layouts->at(200)->furniture()),
            static fn (string $name): bool => str_starts_with($name, 'tick'),
        ));
        // From −50 to 200: 40 and 180 as parts of 250.
        self::assertEqualsWithDelta(40 / 250, $columns->amounts->fractionAt('r1', 200), 1e-12);
        self::assertEqualsWithDelta(180 / 250, $line->amounts->fractionAt('r1', 200), 1e-12);
        self::assertTrue(Sample::prove($piece)->isExact());
    }
}
