<?php

declare(strict_types=1);

namespace Lupine\Core\Form\Bars;

use Lupine\Core\Figures\Presence;
use Lupine\Core\Form\Along;
use Lupine\Core\Form\Anchor;
use Lupine\Core\Form\Grain;
use Lupine\Core\Form\Rim;
use Lupine\Core\Form\Shape;
use Lupine\Core\Geometry\Box;
use Lupine\Core\Geometry\OutlineBuilder;
use Lupine\Core\Geometry\Point;

/** One bar. */
final readonly class BarShape implements Shape
{
    private const NOTHING = 1e-9;

    /** where the drawn part begins and ends along the scale, in pixels of the stage */
    private float $from;
    private float $to;

    /**
     * @param float $middle of its thickness, in pixels of the stage
     * @param float $band how much room its row has beside its neighbours
     * @param float $rowMiddle of its row, which several series share
     * @param float $base where its amount begins along the scale, and its end, in pixels of the stage
     */
    public function __construct(
        private Box $plot,
        private float $middle,
        private float $thick,
        private float $band,
        private float $rowMiddle,
        private float $base,
        private float $end,
        Presence $there,
        float $out,
        private bool $isUpright,
        private float $corner,
        private bool $isRoundAtBase,
    ) {
        $shift = $this->direction() * $out;
        $this->from = $base + ($end - $base) * $there->from + $shift;
        $this->to = $base + ($end - $base) * $there->to + $shift;
    }

    public function outline(): string
    {
        $length = abs($this->to - $this->from);
        if ($length <= self::NOTHING || $this->thick <= self::NOTHING) {
            return '';
        }
        $end = min($this->corner, $this->thick / 2, $this->isRoundAtBase ? $length / 2 : $length);
        $base = $this->isRoundAtBase ? $end : 0.0;
        $box = $this->box();

        return OutlineBuilder::cornered(
            $box->left,
            $box->top,
            $box->width,
            $box->height,
            match ($this->side()) {
                'top' => [$end, $end, $base, $base],
                'right' => [$base, $end, $end, $base],
                'bottom' => [$base, $base, $end, $end],
                default => [$end, $base, $base, $end],
            },
        );
    }

    /** The unfilled rest, from one end of the scale to the other. */
    public function track(float $least, float $most): string
    {
        $box = $this->boxBetween(min($least, $most), max($least, $most));
        $corner = min($this->corner, $this->thick / 2);

        return OutlineBuilder::roundedRectangle($box->left, $box->top, $box->width, $box->height, $corner);
    }

    public function middle(): Point
    {
        return $this->box()->middle();
    }

    public function holds(Point $middle, float $width, float $height, float $margin): bool
    {
        return $this->box()->holds($middle, $width, $height, $margin);
    }

    public function beside(float $clear, float $width, float $height): Point
    {
        return $this->isUpright
            ? new Point($this->middle, $this->to + $this->direction() * ($clear * 0.7 + $height / 2))
            : new Point($this->to + $this->direction() * ($clear + $width / 2), $this->middle);
    }

    public function rim(): Rim
    {
        return $this->isUpright
            ? new Rim(new Point($this->middle, $this->to), 0.0, (float) $this->direction())
            : new Rim(new Point($this->to, $this->middle), (float) $this->direction(), 0.0);
    }

    public function along(): Along
    {
        $box = $this->box();

        return $this->isUpright
            ? Along::heading($box->middle(), -90.0, $box->height, $box->width, INF)
            : Along::heading($box->middle(), 0.0, $box->width, $box->height, INF);
    }

    public function foot(float $clear, float $height): Anchor
    {
        return $this->isUpright
            ? new Anchor(
                new Point($this->rowMiddle, $this->plot->bottom() + $clear + $height / 2),
                'middle',
                $this->band * 0.94,
            )
            : new Anchor(new Point($this->plot->left - $clear, $this->rowMiddle), 'right');
    }

    public function grain(): Grain
    {
        $at = fn (float $along): Point => $this->isUpright
            ? new Point($this->middle, $along)
            : new Point($along, $this->middle);

        return Grain::linear(
            $at($this->base),
            $at($this->end),
            $this->plot->middle(),
            hypot($this->plot->width, $this->plot->height) / 2 + abs($this->from - $this->base),
        );
    }

    private function box(): Box
    {
        return $this->boxBetween(min($this->from, $this->to), max($this->from, $this->to));
    }

    private function boxBetween(float $least, float $most): Box
    {
        return $this->isUpright
            ? new Box($this->middle - $this->thick / 2, $least, $this->thick, $most - $least)
            : new Box($least, $this->middle - $this->thick / 2, $most - $least, $this->thick);
    }

    /** 1 where it grows to the right or down, −1 to the left or up. */
    private function direction(): int
    {
        if ($this->isUpright) {
            return $this->end > $this->base ? 1 : -1;
        }

        return $this->end < $this->base ? -1 : 1;
    }

    private function side(): string
    {
        return $this->isUpright
            ? ($this->direction() > 0
                ? 'bottom'
                : 'top')
            : ($this->direction() > 0
                ? 'right'
                : 'left');
    }
}
