<?php

declare(strict_types=1);

namespace Lupine\Core\Finish;

use Lupine\Core\Geometry\Box;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Piece\Coat\FillCoat;
use Lupine\Core\Piece\Picture;

/** Where a picture lies that fills something: its middle, how large it is, and how it is turned about it. */
final readonly class PicturePlace
{
    private function __construct(
        public Picture $picture,
        public Point $middle,
        public float $width,
        public float $height,
        private float $degrees,
        private bool $repeats,
    ) {
    }

    /** @param Box $over what it goes over */
    public static function of(FillCoat $fill, Box $over, Picture $picture): self
    {
        $scale = $fill->size * match ($fill->fit) {
            'contain' => min($over->width / $picture->width, $over->height / $picture->height),
            'tile' => 1.0,
            default => max($over->width / $picture->width, $over->height / $picture->height),
        };

        return new self(
            $picture,
            new Point($over->left + $over->width * $fill->x, $over->top + $over->height * $fill->y),
            $picture->width * $scale,
            $picture->height * $scale,
            $fill->degrees,
            $fill->fit === 'tile',
        );
    }

    /** @return array{string, float}|null the mean colour about a point and its opacity; null where it is not known */
    public function colourAt(Point $point): ?array
    {
        $turn = deg2rad(-$this->degrees);
        [$x, $y] = [$point->x - $this->middle->x, $point->y - $this->middle->y];
        $across = ($x * cos($turn) - $y * sin($turn)) / max(1e-9, $this->width) + 0.5;
        $down = ($x * sin($turn) + $y * cos($turn)) / max(1e-9, $this->height) + 0.5;
        if ($this->repeats) {
            [$across, $down] = [$across - floor($across), $down - floor($down)];
        }
        $isBeside = min($across, $down) < 0 || max($across, $down) > 1;
        $colour = $this->picture->colourAt($across, $down);

        return $isBeside && $colour !== null ? [$colour[0], 0.0] : $colour;
    }
}
