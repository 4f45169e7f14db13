<?php

declare(strict_types=1);

namespace Lupine\Core\Lettering;

use Lupine\Core\Finish\Colour;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Labels\Surroundings;
use Lupine\Core\Piece\Piece;

/** What a chart stands on and among: the backdrop, other words, other charts, the edges of the stage. */
final readonly class Ground
{
    private BackdropGround $ground;

    public function __construct(private Piece $piece, public Surroundings $surroundings)
    {
        $this->ground = BackdropGround::of($piece);
    }

    /** The backdrop's colour at a point of the stage; null where there is none. */
    public function colourAt(Point $point): ?Colour
    {
        return $this->ground->at($this->piece->backdrop, $point);
    }
}
