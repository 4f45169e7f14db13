<?php

declare(strict_types=1);

namespace Lupine\Core\Reel;

use Lupine\Core\Contract\OneOf;
use Lupine\Core\Geometry\Decimal;

/** A gradient along a line, in pixels of the stage. */
final readonly class LinearPaint implements WovenPaint
{
    public function __construct(
        /** where the line begins */
        public float $x,
        public float $y,
        /** where it ends */
        public float $toX,
        public float $toY,
        /** @var list<array{float, string, float}> place from 0 to 1, colour, opacity */
        public array $stops,
        #[OneOf('linear')]
        public string $kind = 'linear',
    ) {
    }

    public function svg(string $id, int $width, int $height): string
    {
        return sprintf(
            '<linearGradient id="%s" gradientUnits="userSpaceOnUse" x1="%s" y1="%s" x2="%s" y2="%s">%s</linearGradient>',
            $id,
            Decimal::of($this->x),
            Decimal::of($this->y),
            Decimal::of($this->toX),
            Decimal::of($this->toY),
            Stops::svg($this->stops),
        );
    }
}
