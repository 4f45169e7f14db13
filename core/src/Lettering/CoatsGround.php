<?php

declare(strict_types=1);

namespace Lupine\Core\Lettering;

use Lupine\Core\Finish\Colour;
use Lupine\Core\Finish\GradientColour;
use Lupine\Core\Finish\Inks;
use Lupine\Core\Finish\PatternInk;
use Lupine\Core\Geometry\Box;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Piece\Coat\Coats;
use Lupine\Core\Piece\Coat\FillCoat;

/** What colours words on something coated can have behind them: its fills there, and the ink of its patterns. */
final readonly class CoatsGround
{
    private const GRADIENTS = ['linear', 'radial'];

    /** less of a pattern than this cannot be told from the fill (common practice, no source) */
    private const SEEN = 0.05;

    /**
     * @param string $colour that its coats begin with
     * @param \Closure(string): Box $across what a gradient goes over: part, chart or stage
     */
    public function __construct(private Coats $coats, private string $colour, private \Closure $across)
    {
    }

    /**
     * @param Point $point in its own pixels
     * @param Colour|null $below what is behind it, where it can be seen through; null: as if all of it were opaque
     *
     * @return non-empty-list<Colour> the fill alone first
     */
    public function at(Point $point, ?Colour $below = null): array
    {
        $ground = $this->coats->ground();
        $fill = $this->fill($ground, $point);
        if ($below !== null) {
            $fill = $below->blendedWith($fill, $ground->blend, $this->opacity($ground, $point));
        }
        foreach ($this->coats->fillsAbove() as $above) {
            $opacity = $this->opacity($above, $point);
            $fill = $fill->blendedWith($this->fill($above, $point), $above->blend, $opacity);
        }
        $colours = [$fill];
        foreach ($this->coats->seen($this->coats->patterns) as $pattern) {
            if ($pattern->ground !== null) {
                $colours = [Colour::hex($pattern->ground)];
            }
            if ($pattern->opacity > self::SEEN) {
                $ink = Colour::hex(PatternInk::on($this->colour, $pattern));
                $colours[] = $colours[0]->blendedWith($ink, $pattern->blend, $pattern->opacity);
            }
        }

        return $colours;
    }

    private function opacity(FillCoat $fill, Point $point): float
    {
        return in_array($fill->kind, self::GRADIENTS, true)
            ? $fill->opacity * GradientColour::opacityAt($fill, ($this->across)($fill->across), $point)
            : $fill->opacity;
    }

    private function fill(FillCoat $fill, Point $point): Colour
    {
        return in_array($fill->kind, self::GRADIENTS, true)
            ? GradientColour::at($fill, ($this->across)($fill->across), $point, $this->colour)
            : Colour::hex(Inks::on($this->colour, $fill->ink));
    }
}
