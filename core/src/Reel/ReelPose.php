<?php

declare(strict_types=1);

namespace Lupine\Core\Reel;

/** How a group is moved, scaled and turned about a pivot. Each number can have a track of the group's. */
final readonly class ReelPose
{
    public function __construct(
        /** @var array{float, float} in the group's own pixels */
        public array $pivot,
        /** pixels to the right */
        public int|float $x,
        /** pixels down */
        public int|float $y,
        /** 1 is as it is */
        public int|float $size,
        /** degrees clockwise */
        public int|float $turn,
    ) {
    }
}
