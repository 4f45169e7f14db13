<?php

declare(strict_types=1);

namespace Lupine\Core\Form;

use Lupine\Core\Geometry\Point;

/** A side of a solid mark that is turned towards the viewer. */
final readonly class Face
{
    public const WALL = 'wall';
    public const INNER = 'inner';
    public const CUT = 'cut';

    /**
     * @param list<array{float, float}> $normals where it looks to, in degrees clockwise from away from the viewer, at
     *                                           parts of the way from one point to the other; one where it is flat
     */
    public function __construct(
        public string $figureId,
        /** wall, inner or cut */
        public string $kind,
        /** path data, clockwise */
        public string $outline,
        /** the way along which its normals are told, in pixels of the stage */
        public Point $from,
        public Point $to,
        public array $normals,
        /** path data of it and of a little more under its top, so that nothing shows between their smoothed edges */
        public string $painted,
    ) {
    }
}
