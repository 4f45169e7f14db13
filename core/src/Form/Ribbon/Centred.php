<?php

declare(strict_types=1);

namespace Lupine\Core\Form\Ribbon;

use Lupine\Core\Geometry\ArcChain;
use Lupine\Core\Geometry\Point;

/** Sets a curve about the middle of a chart. */
final readonly class Centred
{
    public static function on(ArcChain $chain, Point $place): ArcChain
    {
        $middle = $chain->box()->middle();

        return $chain->moved($place->x - $middle->x, $place->y - $middle->y);
    }
}
