<?php

declare(strict_types=1);

namespace Lupine\Core\Reel;

use Lupine\Core\Contract\OneOf;
use Lupine\Core\Geometry\Decimal;

/** Within the outline alone: the soft edge turned inside out, full at the edge and nothing in the middle. */
final readonly class Inner implements Effect
{
    public function __construct(
        /** standard deviation in pixels, above 0 */
        public float $deviation,
        /** by how much what is left out is moved to the right and down, in pixels */
        public float $x,
        public float $y,
        #[OneOf('inner')]
        public string $kind = 'inner',
    ) {
    }

    /** Source: Filter Effects Module Level 1, feGaussianBlur, feOffset and feComposite. */
    public function svg(string $id, int $width, int $height): string
    {
        return sprintf(
            '<filter id="%s" filterUnits="userSpaceOnUse" x="0" y="0" width="%d" height="%d" '
                .'color-interpolation-filters="sRGB"><feGaussianBlur in="SourceAlpha" stdDeviation="%s"/>'
                .'<feOffset dx="%s" dy="%s" result="soft"/>'
                .'<feComposite in="SourceGraphic" in2="soft" operator="out"/></filter>',
            $id,
            $width,
            $height,
            Decimal::of($this->deviation, 4),
            Decimal::of($this->x, 4),
            Decimal::of($this->y, 4),
        );
    }
}
