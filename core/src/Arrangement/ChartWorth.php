<?php

declare(strict_types=1);

namespace Lupine\Core\Arrangement;

use Lupine\Core\Figures\Presence;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Lettering\LegendPlan;
use Lupine\Core\Lettering\WordSizes;
use Lupine\Core\Piece\Chart;
use Lupine\Core\Story\ChartTiming;
use Lupine\Core\Words\TextSetter;

/** How good a place is for a chart: how large it is there, and how much smaller or cut its words are. */
final readonly class ChartWorth
{
    /** what words that are cut cost, in the measure of the logarithm of the area */
    private const CUT = 2.0;

    public function __construct(private ChartTiming $timing, private TextSetter $setter)
    {
    }

    public function of(Chart $chart): float
    {
        $layout = $this->timing->form->layout(
            $chart->form,
            new Point($chart->place->x, $chart->place->y),
            $this->timing->story->states[0]->moment(),
        );
        $extent = $layout->extent();
        $worth = log(max(1.0, $extent->width * $extent->height));
        $legend = $chart->words->legend;
        if ($legend !== null && LegendPlan::of($legend, $this->timing, $this->setter)->isCut()) {
            $worth -= self::CUT;
        }
        $names = $chart->words->names?->style;
        if ($names === null) {
            return $worth;
        }
        $sizes = new WordSizes($chart, $this->timing, $this->setter);
        $smallest = 1.0;
        $isCut = false;
        foreach ($layout->order() as $id) {
            $cap = $this->setter->capHeight($names);
            $foot = $layout->shape($id, Presence::full(), 0.0)->foot($names->size * 0.5, $cap);
            if ($foot !== null) {
                $name = $sizes->name($this->timing->figure($id), $names, $foot->room);
                $smallest = min($smallest, $name['style']->size / $names->size);
                $isCut = $isCut || str_ends_with($name['lines'][count($name['lines']) - 1] ?? '', '…');
            }
        }

        return $worth + log($smallest) - ($isCut ? self::CUT : 0.0);
    }
}
