<?php

declare(strict_types=1);

namespace Lupine\Core\Reel;

use Lupine\Core\Contract\OneOf;
use Lupine\Core\Geometry\Decimal;

/** A gradient from a middle outwards, in pixels of the stage. */
final readonly class RadialPaint implements WovenPaint
{
    public function __construct(
        /** its middle */
        public float $x,
        public float $y,
        public float $radius,
        /** @var list<array{float, string, float}> place from 0 to 1, colour, opacity */
        public array $stops,
        /** height over width */
        public float $stretch = 1.0,
        #[OneOf('radial')]
        public string $kind = 'radial',
    ) {
    }

    public function svg(string $id, int $width, int $height): string
    {
        $stretched = $this->stretch === 1.0 ? '' : sprintf(
            ' gradientTransform="translate(0 %s) scale(1 %s)"',
            Decimal::of($this->y * (1 - $this->stretch)),
            Decimal::of($this->stretch, 8),
        );

        return sprintf(
            '<radialGradient id="%s" gradientUnits="userSpaceOnUse" cx="%s" cy="%s" r="%s"%s>%s</radialGradient>',
            $id,
            Decimal::of($this->x),
            Decimal::of($this->y),
            Decimal::of($this->radius),
            $stretched,
            Stops::svg($this->stops),
        );
    }
}
