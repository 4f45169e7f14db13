<?php

declare(strict_types=1);

namespace Lupine\Core\Form;

use Lupine\Core\Geometry\Point;
use Lupine\Core\Piece\FormSettings;

/** The handles of what stands around a point: radius and hole, where it begins, and how far it goes. */
final readonly class RoundHandles
{
    /** where radius and hole are taken, in degrees from where the form begins, as a part of its sweep */
    private const SIDE = 0.375;

    /** where start and end are taken, as fractions of the radius */
    private const START = 1.0;
    private const END = 0.86;

    /** @return list<Handle> */
    public static function of(FormSettings $settings, Point $centre): array
    {
        $turn = $settings->word('direction') === 'clockwise' ? 1 : -1;
        $radius = $settings->number('radius');
        $start = $settings->number('startDegrees');
        $sweep = $settings->number('sweepDegrees');
        $side = $start + $turn * $sweep * self::SIDE;
        $hole = $settings->has('hole')
            ? [Handle::along(
                'hole',
                $centre->towards($side, $radius * $settings->number('hole')),
                $side,
                1 / max(1.0, $radius),
                0.01,
            )]
            : [];

        return [
            Handle::along('radius', $centre->towards($side, $radius), $side),
            ...$hole,
            Handle::around('startDegrees', $centre->towards($start, $radius * self::START), $centre),
            Handle::around(
                'sweepDegrees',
                $centre->towards($start + $turn * $sweep, $radius * self::END),
                $centre,
                $turn,
            ),
        ];
    }
}
