<?php

declare(strict_types=1);

namespace Lupine\Core\Reel;

use Lupine\Core\Contract\OneOf;
use Lupine\Core\Geometry\Decimal;

/** Soft edges, by a normal distribution: a glow, or a shadow that is moved and grown. */
final readonly class Blur implements Effect
{
    /** standard deviations after which nothing can be seen any more (common practice, no source) */
    private const REACH = 3;

    public function __construct(
        /** standard deviation in pixels, 0 or above */
        public float $deviation,
        /** by how much it is moved to the right and down, in pixels */
        public float $x = 0.0,
        public float $y = 0.0,
        /** by how much the outline is grown on every side before, in pixels, 0 or above */
        public float $spread = 0.0,
        #[OneOf('blur')]
        public string $kind = 'blur',
    ) {
    }

    /**
     * Source: Filter Effects Module Level 1, feGaussianBlur and feOffset; colours are mixed as they are, as a canvas
     * does. What it is grown by is a line around the outline.
     */
    public function svg(string $id, int $width, int $height): string
    {
        $reach = $this->deviation * self::REACH + max(abs($this->x), abs($this->y)) + $this->spread;

        return sprintf(
            '<filter id="%s" filterUnits="userSpaceOnUse" x="%s" y="%2$s" width="%s" height="%s" '
                .'color-interpolation-filters="sRGB"><feGaussianBlur stdDeviation="%s"/>%s</filter>',
            $id,
            Decimal::of(-$reach),
            Decimal::of($width + 2 * $reach),
            Decimal::of($height + 2 * $reach),
            Decimal::of($this->deviation, 4),
            $this->x === 0.0 && $this->y === 0.0 ? '' : sprintf(
                '<feOffset dx="%s" dy="%s"/>',
                Decimal::of($this->x, 4),
                Decimal::of($this->y, 4),
            ),
        );
    }
}
