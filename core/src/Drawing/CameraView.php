<?php

declare(strict_types=1);

namespace Lupine\Core\Drawing;

use Lupine\Core\Geometry\Box;
use Lupine\Core\Geometry\Point;

/** What the camera sees of the stage at one moment. */
final readonly class CameraView
{
    public function __construct(
        /** the middle of its frame, in pixels of the stage */
        public Point $middle,
        /** how near: 1 is the whole stage */
        public float $zoom,
        /** degrees clockwise that it leans */
        public float $turn,
    ) {
    }

    /** Its frame, as it lies on the stage where it does not lean. */
    public function frame(int $width, int $height): Box
    {
        return Box::around($this->middle, $width / $this->zoom, $height / $this->zoom);
    }
}
