<?php

declare(strict_types=1);

namespace Lupine\Core\Arrangement;

use Lupine\Core\Figures\ImpossibleFigures;
use Lupine\Core\Lettering\StageBoxes;
use Lupine\Core\Piece\Panel;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Piece\StageShape;
use Lupine\Core\Story\Timings;
use Lupine\Core\Words\TextSetter;

/** Panels that lie around a chart, a text, a legend or all of them stand where those do, wherever that is. */
final readonly class PanelsAround
{
    public function __construct(private Timings $timings, private TextSetter $setter)
    {
    }

    /**
     * @param Piece $piece with everything else in its place
     * @param StageShape|null $shape of its stage, in which a panel can have a place of its own
     */
    public function placed(Piece $piece, ?StageShape $shape): Piece
    {
        $isTied = static fn (Panel $panel): bool => $panel->around !== null && $shape?->own($panel->id) === null;
        if (array_filter($piece->panels, $isTied) === []) {
            return $piece;
        }
        try {
            $boxes = new StageBoxes($piece, $this->timings->of($piece), $this->setter);
        } catch (ImpossibleFigures) {
            return $piece;
        }

        return $piece->arranged(
            $piece->stage,
            $piece->charts,
            $piece->words,
            $piece->captions,
            array_map(
                static fn (Panel $panel): Panel => $isTied($panel) ? self::around($panel, $boxes) : $panel,
                $piece->panels,
            ),
        );
    }

    private static function around(Panel $panel, StageBoxes $boxes): Panel
    {
        $box = $boxes->of((string) $panel->around);
        if ($box === null) {
            return $panel;
        }
        $middle = $box->middle();
        $isRound = in_array($panel->kind, ['circle', 'ring'], true);
        [$width, $height] = [$box->width + 2 * $panel->padding, $box->height + 2 * $panel->padding];
        // What is round lies around the longer side; what is thin, below it.
        $side = max($width, $height);

        return match (true) {
            $isRound => $panel->arranged($middle->x, $middle->y, $side, $side),
            $panel->kind === 'rule' => $panel->arranged(
                $middle->x,
                $box->bottom() + $panel->padding,
                $box->width,
                $panel->height,
            ),
            default => $panel->arranged($middle->x, $middle->y, $width, $height),
        };
    }
}
