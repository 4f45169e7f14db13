<?php

declare(strict_types=1);

namespace Lupine\Core\Form;

use Lupine\Core\Geometry\Point;

/** Room for words that lie along a mark: its middle, how it runs there, how long and how thick it is. */
final readonly class Along
{
    public function __construct(
        public Point $middle,
        /** clockwise, turned so that words can be read */
        public float $degrees,
        public float $length,
        public float $thickness,
        /** of the bend of its middle line; INF where it is straight */
        public float $radius,
    ) {
    }

    /** @param float $degrees of the heading, clockwise from the right */
    public static function heading(Point $middle, float $degrees, float $length, float $thickness, float $radius): self
    {
        $turn = fmod(fmod($degrees, 360) + 360, 360);

        return new self($middle, $turn > 90 && $turn <= 270 ? $turn - 180 : $turn, $length, $thickness, $radius);
    }

    /** Do straight words of a size lie within it? */
    public function holds(float $width, float $height, float $margin): bool
    {
        // A straight line leaves a bent one by its sagitta.
        $sagitta = is_finite($this->radius)
            ? $this->radius - sqrt(max(0.0, $this->radius ** 2 - ($width / 2) ** 2))
            : 0.0;

        return $width + 2 * $margin <= $this->length && $height + $sagitta + 2 * $margin <= $this->thickness;
    }
}
