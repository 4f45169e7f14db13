<?php

declare(strict_types=1);

namespace Lupine\Core\Arrangement;

use Lupine\Core\Figures\ImpossibleFigures;
use Lupine\Core\Lettering\WordsOnGround;
use Lupine\Core\Piece\Chart;
use Lupine\Core\Piece\FreeText;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Piece\SharedAxes;
use Lupine\Core\Settings\BadPiece;
use Lupine\Core\Story\Timings;
use Lupine\Core\Words\TextSetter;

/**
 * Puts everything in its place on a stage of one shape. What a hand placed stays, or keeps its place in proportion;
 * everything else is placed by the piece's rule.
 */
final readonly class Arrange
{
    /** width as a fraction of the height below which a stage is upright, and how much larger its texts are */
    private const TALL = 0.8;
    private const LARGER = 1.2;

    public function __construct(private Timings $timings, private TextSetter $setter)
    {
    }

    /**
     * The piece with nothing left to be placed, and no colour of words left to be found.
     *
     * @param string|null $shape null: the piece's own stage
     *
     * @throws BadPiece where the piece has no such shape
     */
    public function piece(Piece $piece, ?string $shape = null): Piece
    {
        $piece = PartLooks::in($piece, $this->timings->forms);
        $placed = SharedAxes::placed($this->arranged($piece, $shape));
        $around = new PanelsAround($this->timings, $this->setter);

        return WordsOnGround::inked($around->placed($placed, $shape === null ? null : $piece->shape($shape)));
    }

    private function arranged(Piece $piece, ?string $shape): Piece
    {
        $wanted = $shape === null ? null : $piece->shape($shape);
        $placed = $wanted === null ? $piece : (new InProportion($piece, $wanted))->piece();
        if (!self::hasRule($placed)) {
            return $placed;
        }
        try {
            // Wherever its charts stand, their figures and what is said of them are the same.
            $timings = $this->timings->of($placed);
        } catch (ImpossibleFigures) {
            return $placed;
        }
        $size = self::shorter($placed) / self::shorter($piece)
            * self::textsOn($placed->stage->width, $placed->stage->height)
            / self::textsOn($piece->stage->width, $piece->stage->height);

        return (new ByRule($placed, $timings, $this->setter, $size))->piece();
    }

    /** How much larger texts are on a stage: an upright one is looked at on a small screen, and has the room. */
    public static function textsOn(float $width, float $height): float
    {
        return $width < self::TALL * $height ? self::LARGER : 1.0;
    }

    private static function shorter(Piece $piece): int
    {
        return min($piece->stage->width, $piece->stage->height);
    }

    private static function hasRule(Piece $piece): bool
    {
        $byRule = [
            $piece->captions?->isByRule === true,
            ...array_map(static fn (FreeText $words): bool => $words->isByRule, $piece->words),
            ...array_map(
                static fn (Chart $chart): bool => $chart->place->isByRule || $chart->words->legend?->isByRule === true,
                $piece->charts,
            ),
        ];

        return in_array(true, $byRule, true);
    }
}
