<?php

declare(strict_types=1);

namespace Lupine\Core\Lettering;

use Lupine\Core\Figures\Presence;
use Lupine\Core\Finish\Colour;
use Lupine\Core\Finish\GradientColour;
use Lupine\Core\Finish\Inks;
use Lupine\Core\Finish\PatternInk;
use Lupine\Core\Geometry\Box;
use Lupine\Core\Geometry\MeasuredOutline;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Piece\Coat\FillCoat;
use Lupine\Core\Story\ChartTiming;

/** What colours words on a mark can have behind them: its fills there, and the ink of its patterns on them. */
final readonly class MarkGround
{
    private const GRADIENTS = ['linear', 'radial'];

    /** less of a pattern than this cannot be told from the fill (common practice, no source) */
    private const SEEN = 0.05;

    public function __construct(private ChartTiming $timing, private Box $stage)
    {
    }

    /**
     * @param Point $point of the stage
     *
     * @return non-empty-list<Colour> the fill alone first
     */
    public function at(string $figureId, Point $point, int $frame): array
    {
        $part = $this->timing->colours[$figureId];
        $coats = $this->timing->coats[$figureId]->at($frame);
        $fill = $this->fill($coats->ground(), $figureId, $point, $frame, $part);
        foreach ($coats->fillsAbove() as $above) {
            $opacity = $above->kind === 'linear' || $above->kind === 'radial'
                ? $above->opacity * GradientColour::opacityAt(
                    $above,
                    $this->across($above->across, $figureId, $frame),
                    $this->own($point, $frame),
                )
                : $above->opacity;
            $fill = $fill->blendedWith($this->fill($above, $figureId, $point, $frame, $part), $above->blend, $opacity);
        }
        $colours = [$fill];
        foreach ($coats->seen($coats->patterns) as $pattern) {
            if ($pattern->ground !== null) {
                $colours = [Colour::hex($pattern->ground)];
            }
            if ($pattern->opacity > self::SEEN) {
                $ink = Colour::hex(PatternInk::on($part, $pattern));
                $colours[] = $colours[0]->blendedWith($ink, $pattern->blend, $pattern->opacity);
            }
        }

        return $colours;
    }

    private function fill(FillCoat $fill, string $figureId, Point $point, int $frame, string $part): Colour
    {
        if (!in_array($fill->kind, self::GRADIENTS, true)) {
            return Colour::hex(Inks::on($part, $fill->ink));
        }
        $over = $this->across($fill->across, $figureId, $frame);

        return GradientColour::at($fill, $over, $this->own($point, $frame), $part);
    }

    /** The point in the chart's own pixels. */
    private function own(Point $point, int $frame): Point
    {
        return ($this->timing->whole->ownPoints($frame))($point);
    }

    private function across(string $what, string $figureId, int $frame): Box
    {
        if ($what === 'stage') {
            return $this->stage;
        }
        $layout = $this->timing->layouts->at($frame);
        if ($what === 'chart') {
            return $layout->extent();
        }
        $outline = $layout->shape($figureId, Presence::full(), 0.0)->outline();

        return ($outline === '' ? null : MeasuredOutline::read($outline)->box()) ?? new Box(0, 0, 1, 1);
    }
}
