<?php

declare(strict_types=1);

namespace Lupine\Core\Drawing;

use Lupine\Core\Figures\Presence;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Motion\FrameRange;
use Lupine\Core\Motion\Moves;
use Lupine\Core\Motion\TimedMove;
use Lupine\Core\Motion\Track;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Piece\ShotSettings;
use Lupine\Core\Piece\ShotTarget;
use Lupine\Core\Story\ChartTiming;

/**
 * The camera over time: it goes from shot to shot. While it goes nearer or farther, one point of the picture stays
 * where it is, and it comes nearer by the same part in the same time.
 */
final readonly class Camera
{
    /** @var list<array{TimedMove, CameraView, CameraView}> a move, what it begins from and what it leads to */
    private array $steps;

    private CameraView $whole;

    /** @param array<string, ChartTiming> $timings by chart id */
    public function __construct(private Piece $piece, Moves $moves, private array $timings)
    {
        $this->whole = new CameraView(new Point($piece->stage->width / 2, $piece->stage->height / 2), 1.0, 0.0);
        $steps = [];
        foreach ($moves->shots() as [$move, $shot]) {
            $steps[] = [$move, self::between($steps, $this->whole, $move->begin), $this->aimed($shot, $move->end())];
        }
        $this->steps = $steps;
    }

    public function at(int $frame): CameraView
    {
        return self::between($this->steps, $this->whole, $frame);
    }

    public function isStill(): bool
    {
        return $this->steps === [];
    }

    /** How it moves all that stands before it; null where nothing is ever nearer than the whole stage. */
    public function pose(FrameRange $range): ?Pose
    {
        if ($this->isStill()) {
            return null;
        }
        $frames = [$range->from];
        foreach ($this->steps as [$move]) {
            array_push($frames, ...$move->changes($range));
        }
        $middle = $this->whole->middle;
        $view = Track::of($frames, $this->at(...));
        $moved = static function (CameraView $view) use ($middle): Point {
            $turn = deg2rad(-$view->turn);
            [$across, $down] = [$middle->x - $view->middle->x, $middle->y - $view->middle->y];

            return new Point(
                $view->zoom * ($across * cos($turn) - $down * sin($turn)),
                $view->zoom * ($across * sin($turn) + $down * cos($turn)),
            );
        };

        return new Pose(
            $middle,
            $view->map(static fn (CameraView $now): float => $moved($now)->x),
            $view->map(static fn (CameraView $now): float => $moved($now)->y),
            $view->map(static fn (CameraView $now): float => $now->zoom),
            $view->map(static fn (CameraView $now): float => -$now->turn),
        );
    }

    /** @param list<array{TimedMove, CameraView, CameraView}> $steps by their beginnings */
    private static function between(array $steps, CameraView $whole, int $frame): CameraView
    {
        for ($index = count($steps) - 1; $index >= 0; --$index) {
            [$move, $from, $to] = $steps[$index];
            if ($frame >= $move->begin) {
                return self::mixed($from, $to, min(1.0, max(0.0, $move->progressAt($frame))));
            }
        }

        return $whole;
    }

    private static function mixed(CameraView $from, CameraView $to, float $amount): CameraView
    {
        if ($amount >= 1.0) {
            return $to;
        }
        $zoom = $from->zoom * ($to->zoom / $from->zoom) ** $amount;
        // Sides of the frame go evenly with its size, so that one point of the picture stays.
        $far = abs($to->zoom - $from->zoom) < 1e-9
            ? $amount
            : (1 / $zoom - 1 / $from->zoom) / (1 / $to->zoom - 1 / $from->zoom);

        return new CameraView(
            new Point(
                $from->middle->x + ($to->middle->x - $from->middle->x) * $far,
                $from->middle->y + ($to->middle->y - $from->middle->y) * $far,
            ),
            $zoom,
            $from->turn + ($to->turn - $from->turn) * $amount,
        );
    }

    /** What a shot sees once it has arrived; its frame never leaves the stage. */
    private function aimed(ShotSettings $shot, int $frame): CameraView
    {
        [$width, $height] = [$this->piece->stage->width, $this->piece->stage->height];
        $on = ($shot->on === null ? null : $this->target($shot->on, $frame)) ?? new Point(0.0, 0.0);
        $within = static fn (float $at, float $side): float => max(
            $side / $shot->zoom / 2,
            min($side - $side / $shot->zoom / 2, $at),
        );

        return new CameraView(
            new Point(
                $within($on->x + $shot->x * $width, $width),
                $within($on->y + $shot->y * $height, $height),
            ),
            $shot->zoom,
            $shot->turn,
        );
    }

    private function target(ShotTarget $on, int $frame): ?Point
    {
        foreach ($this->piece->charts as $chart) {
            $timing = $this->timings[$chart->id] ?? null;
            if ($chart->id !== $on->chart || $timing === null) {
                continue;
            }
            $layout = $timing->layouts->at($frame);
            $isFigure = $on->figure !== null && in_array($on->figure, $layout->order(), true);

            return $timing->whole->onStage($isFigure
                ? $layout->shape((string) $on->figure, Presence::full(), 0.0)->middle()
                : $layout->extent()->middle(), $frame);
        }

        return null;
    }
}
