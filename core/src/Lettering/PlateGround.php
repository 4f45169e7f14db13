<?php

declare(strict_types=1);

namespace Lupine\Core\Lettering;

use Lupine\Core\Finish\Colour;
use Lupine\Core\Geometry\Box;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Piece\Picture;
use Lupine\Core\Piece\PlateSettings;

/** What colours words on a plate can have behind them. */
final readonly class PlateGround
{
    /** where a plate is looked at, as parts of the width and the height of the words on it */
    private const PLACES = [[0.06, 0.3], [0.5, 0.5], [0.94, 0.7]];

    /** words as wide as a usual line, where nothing is known of them, in multiples of their size */
    private const USUAL = 6.0;

    /** @param array<string, Picture> $pictures of the piece, by id */
    public function __construct(private array $pictures)
    {
    }

    /**
     * @param Colour|null $below what is behind the plate; null: nothing
     * @param float $size of the words, in pixels
     * @param Box|null $words where they stand, upright; null: nothing is known of it
     *
     * @return non-empty-list<Colour> the fill alone first
     */
    public function colours(PlateSettings $plate, ?Colour $below, float $size, ?Box $words = null): array
    {
        $words ??= new Box(0, 0, $size * self::USUAL, $size);
        $box = Box::around(
            $words->middle(),
            $words->width + 2 * $plate->padding * $size,
            $words->height + 2 * $plate->padding * $size,
        );
        $holds = static fn (Point $point, float $far): bool => $point->x - $far > $box->left
            && $point->x + $far < $box->right() && $point->y - $far > $box->top && $point->y + $far < $box->bottom();
        $ground = new CoatsGround($plate->coats, $plate->colour, static fn (): Box => $box, $this->pictures, $holds);
        $colours = [];
        foreach (self::PLACES as [$along, $down]) {
            $at = new Point($words->left + $along * $words->width, $words->top + $down * $words->height);
            array_push($colours, ...$ground->at($at, $below));
        }

        return $colours;
    }

    /**
     * What words stand on, taken as one colour.
     *
     * @param PlateSettings|null $plate null: there is none
     * @param Colour|null $below what is behind the plate; null: nothing
     */
    public function behind(?PlateSettings $plate, ?Colour $below, float $size): ?Colour
    {
        return $plate === null ? $below : $this->colours($plate, $below, $size)[0];
    }
}
