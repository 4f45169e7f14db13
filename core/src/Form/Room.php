<?php

declare(strict_types=1);

namespace Lupine\Core\Form;

use Lupine\Core\Geometry\Point;

/** Free room for words about a point. */
final readonly class Room
{
    public function __construct(
        public Point $middle,
        /** that a number there may have, in pixels */
        public float $width,
        /** of the circle in which there is no mark, in pixels; 0 where marks meet in the middle */
        public float $free = 0.0,
    ) {
    }
}
