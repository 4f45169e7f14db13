<?php

declare(strict_types=1);

namespace Lupine\Core\Lettering;

use Lupine\Core\Finish\Colour;
use Lupine\Core\Finish\GradientColour;
use Lupine\Core\Finish\PicturePlace;
use Lupine\Core\Geometry\Box;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Piece\Backdrop;
use Lupine\Core\Piece\BackdropLight;
use Lupine\Core\Piece\Picture;
use Lupine\Core\Piece\Piece;

/** What colours a backdrop has at a point of the stage. */
final readonly class BackdropGround
{
    /** @param array<string, Picture> $pictures of the piece, by id */
    private function __construct(private Box $stage, private array $pictures)
    {
    }

    public static function of(Piece $piece): self
    {
        return new self(
            new Box(0, 0, $piece->stage->width, $piece->stage->height),
            array_column($piece->pictures, null, 'id'),
        );
    }

    /** Its colour, clouds and textures aside; null where there is none. */
    public function at(Backdrop $backdrop, Point $point): ?Colour
    {
        if ($backdrop->kind === 'transparent') {
            return null;
        }

        return $this->onTop($backdrop, $point, $this->fill($backdrop, $point));
    }

    /**
     * All colours that it can have there, with its clouds where they are none and where they are most, and its textures
     * where they are dark and where they are light.
     *
     * @return list<Colour|null> its colour without them first
     */
    public function all(Backdrop $backdrop, Point $point): array
    {
        if ($backdrop->kind === 'transparent') {
            return [null];
        }
        $colours = [$this->fill($backdrop, $point)];
        foreach ($backdrop->clouds as $clouds) {
            foreach ($colours as $colour) {
                $colours[] = $colour->blendedWith(Colour::hex($clouds->colour), $clouds->blend, $clouds->amount);
            }
        }
        $colours = array_map(fn (Colour $one): Colour => $this->onTop($backdrop, $point, $one), $colours);
        foreach ($backdrop->textures as $texture) {
            if ($texture->isSeen()) {
                foreach ($colours as $colour) {
                    array_push($colours, ...CoatsGround::textured($colour, $texture));
                }
            }
        }

        return $colours;
    }

    private function fill(Backdrop $backdrop, Point $point): Colour
    {
        $colour = Colour::hex($backdrop->colour);
        if ($backdrop->kind === 'picture') {
            $picture = $this->pictures[$backdrop->picture ?? ''] ?? null;
            $seen = $picture === null
                ? null
                : PicturePlace::of($backdrop->fill(), $this->stage, $picture)->colourAt($point);

            return $seen === null
                ? $colour
                : $colour->mixedWith(Colour::hex($seen[0]), $seen[1] * (1 - $backdrop->dim));
        }

        return $backdrop->kind === 'colour'
            ? $colour
            : GradientColour::at($backdrop->fill(), $this->stage, $point, $backdrop->colour);
    }

    /** With its lights, and its vignette. */
    private function onTop(Backdrop $backdrop, Point $point, Colour $colour): Colour
    {
        [$width, $height] = [$this->stage->width, $this->stage->height];
        foreach ($backdrop->lights as $light) {
            $away = hypot($point->x - $light->x * $width, $point->y - $light->y * $height) / ($light->size * $width);
            $much = GradientColour::fading(BackdropLight::FADE, $away) * $light->opacity;
            $colour = $much > 0 ? $colour->blendedWith(Colour::hex($light->colour), $light->blend, $much) : $colour;
        }
        [$across, $down] = [$point->x - $width / 2, $point->y - $height / 2];
        // The vignette is as round as the stage is.
        $dark = $backdrop->vignette > 0
            ? $backdrop->darkened(hypot($across / $width, $down / $height) / M_SQRT1_2)
            : 0.0;

        return $dark > 0 ? $colour->mixedWith(Colour::hex('#000000'), $dark) : $colour;
    }
}
