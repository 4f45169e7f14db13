<?php

declare(strict_types=1);

namespace Lupine\Core\Drawing;

use Lupine\Core\Finish\Colour;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Labels\Surroundings;
use Lupine\Core\Piece\Backdrop;

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
        $middle = Colour::hex($backdrop->colour);
        if ($backdrop->kind !== 'radial') {
            return $middle;
        }
        $away = hypot($point->x - $width / 2, $point->y - $height / 2) / (hypot($width, $height) / 2);

        return $middle->mixedWith(Colour::hex($backdrop->edge), min(1.0, $away));
    }
}
