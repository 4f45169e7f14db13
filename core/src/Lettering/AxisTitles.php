<?php

declare(strict_types=1);

namespace Lupine\Core\Lettering;

use Lupine\Core\Form\Axes;
use Lupine\Core\Form\Layout;
use Lupine\Core\Geometry\Box;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Piece\ChartWords;
use Lupine\Core\Words\TextSetter;

/** The titles at the axes of a chart: outside of everything else that stands there. */
final readonly class AxisTitles
{
    /** from the words within to a title, as a multiple of its size */
    private const CLEAR = 0.9;

    public function __construct(private ChartWords $words, private TextSetter $setter)
    {
    }

    /**
     * @param list<Box> $within names and numbers
     *
     * @return list<AxisTitle>
     */
    public function of(Layout $layout, array $within): array
    {
        $axis = $this->words->axis;
        $axes = $layout->axes();
        if ($axis === null || $axes === null) {
            return [];
        }
        $all = Box::joined([$layout->extent(), ...$within]);
        [$across, $upright] = $axes === Axes::ScaleAcross
            ? [$axis->scale, $axis->figures]
            : [$axis->figures, $axis->scale];
        $cap = $this->setter->capHeight($axis->style);
        $clear = self::CLEAR * $axis->style->size;
        $titles = [];
        if (trim($across) !== '') {
            $middle = new Point($layout->extent()->middle()->x, $all->bottom() + $clear + $cap / 2);
            $width = $this->setter->width($across, $axis->style);
            $titles[] = new AxisTitle($across, Box::around($middle, $width, $cap), false);
        }
        if (trim($upright) !== '') {
            $middle = new Point($all->left - $clear - $cap / 2, $layout->extent()->middle()->y);
            $width = $this->setter->width($upright, $axis->style);
            $titles[] = new AxisTitle($upright, Box::around($middle, $cap, $width), true);
        }

        return $titles;
    }
}
