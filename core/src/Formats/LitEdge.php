<?php

declare(strict_types=1);

namespace Lupine\Core\Formats;

use Lupine\Core\Geometry\MeasuredOutline;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Reel\FlatPaint;
use Lupine\Core\Reel\Paint;
use Lupine\Core\Reel\RadialPaint;
use Lupine\Core\Reel\ReelLight;

/** A light on an edge as an SVG has it: one dash, painted with a gradient. The painter’s rule is `lights.ts`. */
final readonly class LitEdge
{
    /** @param list<float> $dashes */
    private function __construct(
        public array $dashes,
        public float $offset,
        private Point $middle,
        private float $radius,
    ) {
    }

    /** @return self|null null where there is no edge */
    public static function of(string $outline, float $length, float $place): ?self
    {
        $edge = $outline === '' ? null : MeasuredOutline::read($outline);
        $way = $edge?->length() ?? 0.0;
        if ($edge === null || $way <= 0) {
            return null;
        }
        $long = min($length, $way * ReelLight::MOST);
        $at = static fn (float $part): Point => $edge->along(fmod($part + 2.0, 1.0));
        $half = $long / 2 / $way;
        $middle = $at($place);
        $radius = min($middle->distanceTo($at($place - $half)), $middle->distanceTo($at($place + $half)));

        return new self([$long, $way - $long], -($place * $way - $long / 2), $middle, max(0.01, $radius));
    }

    /** The paint of all of it, fading from the middle. */
    public function paint(Paint $paint): Paint
    {
        return !$paint instanceof FlatPaint ? $paint : new RadialPaint(
            $this->middle->x,
            $this->middle->y,
            $this->radius,
            array_map(
                static fn (array $fade): array => [$fade[0], $paint->colour, $fade[1]],
                ReelLight::FADE,
            ),
        );
    }
}
