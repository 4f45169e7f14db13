<?php

declare(strict_types=1);

namespace Lupine\Core\Story;

use Lupine\Core\Geometry\Point;
use Lupine\Core\Motion\FrameRange;
use Lupine\Core\Motion\KeyedNumber;

/** Where a chart as a whole is on which frame, how large, how turned, and how much of it is seen. */
final readonly class WholeChart
{
    /**
     * @param Point $place of the chart, in pixels of the stage
     * @param array<string, KeyedNumber> $numbers x, y, size, turn and opacity over time
     */
    public function __construct(private Point $place, private array $numbers)
    {
    }

    /** @param string $property x, y, size, turn or opacity */
    public function number(string $property): KeyedNumber
    {
        return $this->numbers[$property];
    }

    /** Where a point of the chart's own pixels is on the stage on a frame. */
    public function onStage(Point $point, int $frame): Point
    {
        $place = $this->place;
        $size = $this->numbers['size']->at($frame);
        $turn = deg2rad($this->numbers['turn']->at($frame));
        [$across, $down] = [($point->x - $place->x) * $size, ($point->y - $place->y) * $size];

        return new Point(
            $this->numbers['x']->at($frame) + $across * cos($turn) - $down * sin($turn),
            $this->numbers['y']->at($frame) + $across * sin($turn) + $down * cos($turn),
        );
    }

    /** @return \Closure(Point): Point which of the chart's own pixels is at a point of the stage on a frame */
    public function ownPoints(int $frame): \Closure
    {
        $place = $this->place;
        $size = max(1e-9, $this->numbers['size']->at($frame));
        $turn = deg2rad($this->numbers['turn']->at($frame));
        [$cosine, $sine] = [cos($turn), sin($turn)];
        [$x, $y] = [$this->numbers['x']->at($frame), $this->numbers['y']->at($frame)];

        return static function (Point $point) use ($place, $size, $cosine, $sine, $x, $y): Point {
            [$across, $down] = [$point->x - $x, $point->y - $y];

            return new Point(
                $place->x + ($across * $cosine + $down * $sine) / $size,
                $place->y + ($down * $cosine - $across * $sine) / $size,
            );
        };
    }

    /** @return list<int> the frames of a range on which it moves */
    public function changes(FrameRange $range): array
    {
        $changes = [];
        foreach ($this->numbers as $number) {
            array_push($changes, ...$number->changes($range));
        }

        return $changes;
    }

    /** Whether no move takes it anywhere. */
    public function isStill(): bool
    {
        foreach (['x', 'y', 'size', 'turn'] as $property) {
            if (!$this->numbers[$property]->isStill()) {
                return false;
            }
        }

        return true;
    }

    /** @return array<string, KeyedNumber> what moves change of it, by property */
    public function keyed(): array
    {
        return array_filter($this->numbers, static fn (KeyedNumber $number): bool => $number->hasMoves());
    }
}
