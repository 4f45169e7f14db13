<?php

declare(strict_types=1);

namespace Lupine\Core\Lettering;

use Lupine\Core\Finish\Colour;
use Lupine\Core\Geometry\Box;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Piece\PlateSettings;

/** What colours words on a plate can have behind them. */
final readonly class PlateGround
{
    /** where a plate is looked at, as parts of its width and height */
    private const PLACES = [[0.1, 0.3], [0.5, 0.5], [0.9, 0.7]];

    /**
     * @param Colour|null $below what is behind the plate; null: nothing
     *
     * @return list<Colour>
     */
    public static function colours(PlateSettings $plate, ?Colour $below): array
    {
        $box = new Box(0, 0, 1, 1);
        $ground = new CoatsGround($plate->coats, $plate->colour, static fn (): Box => $box);
        $colours = [];
        foreach (self::PLACES as $at) {
            array_push($colours, ...$ground->at(new Point(...$at), $below));
        }

        return $colours;
    }
}
