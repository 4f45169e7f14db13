<?php

declare(strict_types=1);

namespace Lupine\Core\Formats\Lottie;

/** A picture in an animation, and where it stands. */
final readonly class Picture
{
    public function __construct(
        /** as a data URI */
        public string $data,
        /** left and top, in pixels of the stage */
        public int $x,
        public int $y,
        public int $width,
        public int $height,
    ) {
    }
}
