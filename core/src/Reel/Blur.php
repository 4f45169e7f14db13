<?php

declare(strict_types=1);

namespace Lupine\Core\Reel;

use Lupine\Core\Contract\OneOf;
use Lupine\Core\Geometry\Decimal;

/** Soft edges, by a normal distribution. */
final readonly class Blur implements Effect
{
    /** standard deviations after which nothing can be seen any more (common practice, no source) */
    private const REACH = 3;

    public function __construct(
        /** standard deviation in pixels, above 0 */
        public float $deviation,
        #[OneOf('blur')]
        public string $kind = 'blur',
    ) {
    }

    /** Source: Filter Effects Module Level 1, feGaussianBlur; colours are mixed as they are, as a canvas does. */
    public function svg(string $id, int $width, int $height): string
    {
        $reach = $this->deviation * self::REACH;

        return sprintf(
            '<filter id="%s" filterUnits="userSpaceOnUse" x="%s" y="%2$s" width="%s" height="%s" '
                .'color-interpolation-filters="sRGB"><feGaussianBlur stdDeviation="%s"/></filter>',
            $id,
            Decimal::of(-$reach),
            Decimal::of($width + 2 * $reach),
            Decimal::of($height + 2 * $reach),
            Decimal::of($this->deviation, 4),
        );
    }
}
