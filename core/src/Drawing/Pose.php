<?php

declare(strict_types=1);

namespace Lupine\Core\Drawing;

use Lupine\Core\Geometry\Point;
use Lupine\Core\Motion\FrameRange;
use Lupine\Core\Motion\KeyedNumber;
use Lupine\Core\Motion\Track;

/** Where a group stands: moved, scaled and turned about a pivot. What only moves keeps its outlines. */
final readonly class Pose
{
    /**
     * @param Point $pivot in the group's own pixels
     * @param Track<float> $x pixels to the right
     * @param Track<float> $y pixels down
     * @param Track<float> $size 1 is as it is
     * @param Track<float> $turn degrees clockwise
     */
    public function __construct(
        public Point $pivot,
        public Track $x,
        public Track $y,
        public Track $size,
        public Track $turn,
    ) {
    }

    /** The same, seen as it is on whole frames. */
    public function held(): self
    {
        return new self($this->pivot, $this->x->held(), $this->y->held(), $this->size->held(), $this->turn->held());
    }

    /**
     * @param array<string, KeyedNumber> $numbers x, y, size, turn; x and y are where the pivot is moved to
     * @param Point $at where x and y start from
     *
     * @return self|null null where nothing ever moves it
     */
    public static function of(Point $pivot, array $numbers, FrameRange $range, Point $at): ?self
    {
        $isAsItIs = $numbers['x']->isStill() && $numbers['y']->isStill()
            && $numbers['size']->isStill() && $numbers['turn']->isStill();
        if ($isAsItIs) {
            return null;
        }

        return new self(
            $pivot,
            $numbers['x']->track($range)->map(static fn (float $x): float => $x - $at->x),
            $numbers['y']->track($range)->map(static fn (float $y): float => $y - $at->y),
            $numbers['size']->track($range),
            $numbers['turn']->track($range),
        );
    }
}
