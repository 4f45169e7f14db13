<?php

declare(strict_types=1);

namespace Lupine\Core\Lettering;

use Lupine\Core\Finish\Colour;
use Lupine\Core\Finish\GradientColour;
use Lupine\Core\Geometry\Box;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Labels\Surroundings;
use Lupine\Core\Piece\Backdrop;
use Lupine\Core\Piece\BackdropLight;

/** What a chart stands on and among: the backdrop, other words, other charts, the edges of the stage. */
final readonly class Ground
{
    public function __construct(
        private Backdrop $backdrop,
        private int $width,
        private int $height,
        public Surroundings $surroundings,
    ) {
    }

    /** The backdrop's colour at a point of the stage; null where there is none. */
    public function colourAt(Point $point): ?Colour
    {
        return self::ofBackdrop($this->backdrop, $point, $this->width, $this->height);
    }

    public static function ofBackdrop(Backdrop $backdrop, Point $point, int $width, int $height): ?Colour
    {
        if ($backdrop->kind === 'transparent') {
            return null;
        }
        [$across, $down] = [$point->x - $width / 2, $point->y - $height / 2];
        $colour = $backdrop->kind === 'colour'
            ? Colour::hex($backdrop->colour)
            : GradientColour::at($backdrop->fill(), new Box(0, 0, $width, $height), $point, $backdrop->colour);
        foreach ($backdrop->lights as $light) {
            $away = hypot($point->x - $light->x * $width, $point->y - $light->y * $height) / ($light->size * $width);
            $much = GradientColour::fading(BackdropLight::FADE, $away) * $light->opacity;
            $colour = $much > 0 ? $colour->blendedWith(Colour::hex($light->colour), $light->blend, $much) : $colour;
        }
        // The vignette is as round as the stage is.
        $dark = $backdrop->vignette > 0
            ? $backdrop->darkened(hypot($across / $width, $down / $height) / M_SQRT1_2)
            : 0.0;

        return $dark > 0 ? $colour->mixedWith(Colour::hex('#000000'), $dark) : $colour;
    }
}
