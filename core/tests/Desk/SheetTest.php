<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Desk;

use Lupine\Core\Desk\ChartSheet;
use Lupine\Core\Desk\FigureNow;
use Lupine\Core\Desk\MoveSheet;
use Lupine\Core\Desk\ScriptSheet;
use Lupine\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

final class SheetTest extends TestCase
{
    /** A stem is as wide, at each instant, as its figure is on the stage. */
    public function testStemsAreWhatIsOnTheStage(): void
    {
        $piece = Sample::piece(
            changes: [
                'charts.0.exit' => [
                    'begin' => 180,
                    'frames' => 20,
                    'curve' => 'ease-in',
                    'order' => 'together',
                    'overlap' => 0,
                    'opens' => 'middle',
                ],
            ],
        );
        $drawing = Sample::draw($piece);
        $sheet = ChartSheet::of($piece, $drawing->timings)['chart1'];
        foreach ($sheet->figures as $index => $figure) {
            $timing = $drawing->timings['chart1'];
            $share = $timing->figures()->list[$index]->share();
            foreach ([...range(0, 239, 7), 20, 47, 120, 180, 185, 200] as $frame) {
                self::assertEqualsWithDelta(
                    ($timing->moves[$figure->id]->presenceAt($frame)->amount * $share) / (512 / 1248),
                    self::widthAt($figure->stem, $frame),
                    0.005,
                    $figure->label.' on frame '.$frame,
                );
            }
            self::assertLessThan(30, count($figure->stem), 'as many points as the curve needs');
        }
        self::assertSame(
            array_column($sheet->figures, 'stem'),
            array_column(ChartSheet::stems($piece, $drawing->timings), 'points'),
        );
    }

    /** A long move needs no more corners than a short one. */
    public function testStemsOfALongMove(): void
    {
        $piece = Sample::piece(changes: ['stage.frames' => 9000, 'charts.0.entrance.frames' => 8000]);
        foreach (ChartSheet::stems($piece, Sample::drawPiece()->timings->of($piece)) as $stem) {
            self::assertLessThan(24, count($stem->points));
        }
    }

    public function testTheSheetSaysWhatWasUnderstood(): void
    {
        $piece = Sample::piece("Mended\t73 %\nBeyond us\trest", [
            'script.lines' => [['id' => 'l1', 'text' => 'Nearly three in four, mended.', 'begin' => 30, 'end' => 90]],
            'moves' => [
                [
                    'id' => 'm1',
                    'kind' => 'entrance',
                    'target' => ['chart' => 'chart1', 'figure' => 'r1'],
                    'begin' => 0,
                    'pin' => ['line' => 'l1', 'word' => 4, 'offset' => 0],
                    'frames' => 20,
                    'curve' => 'ease-out',
                    'opens' => 'middle',
                ],
            ],
        ]);
        [$mended, $rest] = ChartSheet::of($piece, Sample::drawPiece()->timings->of($piece))['chart1']->figures;

        self::assertSame(
            ['73 %', '73.00 %', '262.80°', '73%'],
            [$mended->value, $mended->share, $mended->measured, $mended->reading],
        );
        self::assertSame(
            ['mended', 20, 'middle', [0.0, 0.0, 0.58, 1.0]],
            [
                $mended->entrance?->pinnedTo,
                $mended->entrance?->frames,
                $mended->entrance?->opens,
                $mended->entrance?->curve,
            ],
        );
        self::assertTrue($rest->isRest);
        self::assertSame('27.00 %', $rest->share);
        self::assertNull($rest->entrance?->id, 'it follows the order of its chart');
    }

    public function testSecondsAreNumberedAsTheTimecodeNumbersThem(): void
    {
        $script = ScriptSheet::script(
            Sample::piece(changes: ['stage.rate' => [30000, 1001], 'stage.dropFrame' => true, 'stage.frames' => 1900]),
        );
        self::assertSame([0, '00:00:00', 0], $script['seconds'][0]);
        self::assertSame([30, '00:00:01', 0], $script['seconds'][1]);
        // SMPTE ST 12-1: after 00:00:59;29 comes 00:01:00;02.
        self::assertSame([1800, '00:01:00', 2], $script['seconds'][60]);
        self::assertSame('00:01:03;12', $script['length']);
    }

    /** @param list<array{int, float}> $points straight between neighbours */
    private static function widthAt(array $points, int $frame): float
    {
        foreach ($points as $index => [$to, $width]) {
            if ($frame <= $to) {
                [$from, $before] = $points[max(0, $index - 1)];

                return $to === $from ? $width : $before + (($width - $before) * ($frame - $from)) / ($to - $from);
            }
        }

        return end($points)[1];
    }

    public function testTheSheetSaysWhatFiguresAreOnAFrame(): void
    {
        $piece = Sample::piece("First\t60\nSecond\t40", ['charts.0.entrance' => [
            'begin' => 10, 'frames' => 20, 'curve' => 'linear', 'order' => 'after', 'overlap' => 0, 'opens' => 'forward',
        ]]);
        $timings = Sample::drawPiece()->timings->of($piece);
        $told = static fn (int $frame): array => array_map(
            static fn (FigureNow $now): array => [$now->isFull, $now->share, $now->measured],
            ChartSheet::at($timings, $frame)['chart1'],
        );
        self::assertSame(['r1' => [false, '0.00 %', '0.00°'], 'r2' => [false, '0.00 %', '0.00°']], $told(10));
        self::assertSame(['r1' => [false, '30.00 %', '108.00°'], 'r2' => [false, '0.00 %', '0.00°']], $told(20));
        self::assertSame(['r1' => [true, '60.00 %', '216.00°'], 'r2' => [false, '10.00 %', '36.00°']], $told(35));
        self::assertSame(['r1' => [true, '60.00 %', '216.00°'], 'r2' => [true, '40.00 %', '144.00°']], $told(50));
        self::assertSame(['30', '0'], array_column(ChartSheet::at($timings, 20)['chart1'], 'value'));

        // In the middle of a change, figures are between what they were and what they become.
        $changes = ['charts.0.entrance' => null, 'moves' => [[
            'id' => 'm1', 'kind' => 'change', 'target' => ['chart' => 'chart1', 'figure' => 'r1'], 'begin' => 100,
            'pin' => null, 'frames' => 20, 'curve' => 'linear', 'opens' => 'forward', 'property' => 'value',
            'from' => null, 'to' => '90.5',
        ]]];
        $timings = Sample::drawPiece()->timings->of(Sample::piece("First\t60\nSecond\t40", $changes));
        self::assertSame(['75.3', '40'], array_column(ChartSheet::at($timings, 110)['chart1'], 'value'));
        self::assertSame(['90.5', '40'], array_column(ChartSheet::at($timings, 120)['chart1'], 'value'));

        // On a scale they are as much of the whole that they then make as elsewhere.
        $bars = Sample::piece("First\t60\nSecond\t40", $changes, 'bars');
        $shares = array_column(ChartSheet::at(Sample::drawPiece()->timings->of($bars), 120)['chart1'], 'share');
        self::assertSame(['69.35 %', '30.65 %'], $shares);
    }

    /** From which frame to which a range of a film shows any part at all. */
    public function testSaysWhenAnyPartIsThere(): void
    {
        $motion = ['frames' => 20, 'curve' => 'linear', 'order' => 'together', 'overlap' => 0, 'opens' => 'forward'];
        $piece = Sample::piece(changes: [
            'charts.0.entrance' => ['begin' => 30, ...$motion],
            'charts.0.exit' => ['begin' => 150, ...$motion],
        ]);
        $timings = Sample::drawPiece()->timings->of($piece);
        self::assertSame([31, 169], MoveSheet::there($timings, $piece->stage->frames));
        self::assertNull(MoveSheet::there($timings, 20));
    }
}
