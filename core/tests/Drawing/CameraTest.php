<?php

declare(strict_types=1);

namespace Lupine\Core\Tests\Drawing;

use Lupine\Core\Drawing\Camera;
use Lupine\Core\Drawing\CameraView;
use Lupine\Core\Figures\Presence;
use Lupine\Core\Motion\Moves;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Script\Beats;
use Lupine\Core\Tests\Sample;
use PHPUnit\Framework\TestCase;

/** The camera goes from shot to shot over the stage, and what it takes stays exact. */
final class CameraTest extends TestCase
{
    public function testItLooksAtAMarkWhereverTheMarkIs(): void
    {
        foreach ([620, 900] as $x) {
            $piece = self::piece([self::shot(100, ['zoom' => 3, 'on' => ['chart' => 'chart1', 'figure' => 'r3']])], $x);
            $view = self::camera($piece)->at(130);
            $layout = Sample::drawPiece()->timings->of($piece)['chart1']->layouts->at(130);
            $middle = $layout->shape('r3', Presence::full(), 0.0)->middle();
            self::assertEqualsWithDelta(
                [$middle->x, $middle->y, 3.0],
                [$view->middle->x, $view->middle->y, $view->zoom],
                1e-9,
            );
        }
    }

    public function testItsFrameNeverLeavesTheStage(): void
    {
        $camera = self::camera(self::piece([
            self::shot(20, ['zoom' => 2, 'x' => 0.0, 'y' => 1.0]),
            self::shot(80, ['zoom' => 1.3, 'x' => 1.0, 'y' => 0.1]),
        ]));
        for ($frame = 0; $frame < 240; ++$frame) {
            $box = $camera->at($frame)->frame(1920, 1080);
            self::assertGreaterThanOrEqual(-1e-9, min($box->left, $box->top), "frame {$frame}");
            self::assertLessThanOrEqual(1920 + 1e-9, $box->right(), "frame {$frame}");
            self::assertLessThanOrEqual(1080 + 1e-9, $box->bottom(), "frame {$frame}");
        }
    }

    /** Evenly in the eyes of those who look: the same part nearer in the same time, about one point that stays. */
    public function testItComesNearerEvenlyAboutOnePoint(): void
    {
        $camera = self::camera(self::piece([self::shot(100, ['zoom' => 4, 'x' => 0.25, 'y' => 0.6])]));
        self::assertEqualsWithDelta(2.0, $camera->at(115)->zoom, 1e-9, 'half of the way to 4 is 2');
        self::assertEqualsWithDelta($camera->at(110)->zoom ** 2, $camera->at(120)->zoom, 1e-9);
        // Where c is the middle, z the zoom and s the point that stays: z (s − c) is the same on every frame.
        [$first, $last] = [$camera->at(100), $camera->at(130)];
        $apart = $last->zoom - $first->zoom;
        $stays = ($last->zoom * $last->middle->x - $first->zoom * $first->middle->x - $apart * 960) / $apart;
        foreach ([105, 115, 127] as $frame) {
            $view = $camera->at($frame);
            self::assertEqualsWithDelta(
                self::seen($first, $stays + 960),
                self::seen($view, $stays + 960),
                1e-6,
            );
        }
    }

    public function testWhatItTakesIsExactAndCaptionsStay(): void
    {
        $piece = self::piece([self::shot(100, ['zoom' => 3, 'on' => ['chart' => 'chart1', 'figure' => 'r2']])]);
        self::assertTrue(Sample::prove($piece)->isExact());
        $drawing = Sample::draw($piece);
        $names = array_map(static fn ($node): string => $node->role->value ?? '', $drawing->nodes);
        self::assertSame(['backdrop', 'camera', 'caption'], $names);
    }

    private static function seen(CameraView $view, float $x): float
    {
        return $view->zoom * ($x - $view->middle->x);
    }

    private static function camera(Piece $piece): Camera
    {
        return new Camera($piece, new Moves($piece, new Beats($piece)), Sample::drawPiece()->timings->of($piece));
    }

    /**
     * @param array<string, mixed> $shot
     *
     * @return array<string, mixed>
     */
    private static function shot(int $begin, array $shot): array
    {
        return [
            'id' => 's'.$begin,
            'kind' => 'shot',
            'target' => ['camera' => true],
            'begin' => $begin,
            'pin' => null,
            'frames' => 30,
            'curve' => 'linear',
            'opens' => 'forward',
            'shot' => $shot,
        ];
    }

    /** @param list<array<string, mixed>> $moves */
    private static function piece(array $moves, int $x = 620): Piece
    {
        return Sample::piece(changes: [
            'moves' => $moves,
            'charts.0.place' => ['x' => $x, 'y' => 540],
            'script.lines' => [['id' => 'l1', 'text' => 'One line', 'begin' => 0, 'end' => 60]],
        ]);
    }
}
