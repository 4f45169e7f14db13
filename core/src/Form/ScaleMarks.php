<?php

declare(strict_types=1);

namespace Lupine\Core\Form;

use Lupine\Core\Figures\Scale;
use Lupine\Core\Geometry\Box;
use Lupine\Core\Geometry\OutlineBuilder;
use Lupine\Core\Geometry\Point;

/** The axis of a scale, and ticks with their numbers. */
final readonly class ScaleMarks
{
    private const AXIS = 3.0;
    private const TICK = 2.0;

    /** pixels from the plot to the numbers of its ticks */
    private const CLEAR = 18.0;

    public function __construct(private Box $plot, private Scale $scale, private bool $isUpright)
    {
    }

    /**
     * @param string $axis ticks, line or none
     *
     * @return array<string, Furniture>
     */
    public function furniture(string $axis): array
    {
        $furniture = [];
        foreach ($axis === 'ticks' ? $this->scale->ticks : [] as $key => [$number, $there]) {
            if ($number >= $this->scale->least - 1e-9 && $number <= $this->scale->most * (1 + 1e-9)) {
                $furniture['tick-'.$key] = $this->tick($number, $there);
            }
        }
        if ($axis !== 'none') {
            $furniture['axis'] = Furniture::axis($this->line($this->along(0.0), self::AXIS));
        }

        return $furniture;
    }

    /** Where an amount stands along the scale, in pixels from the left or the top of the stage. */
    public function along(float $amount): float
    {
        return $this->at($this->scale->place($amount));
    }

    /** @param float $part of the scale, 0 at its least to 1 at its most */
    public function at(float $part): float
    {
        return $this->isUpright
            ? $this->plot->bottom() - $part * $this->plot->height
            : $this->plot->left + $part * $this->plot->width;
    }

    private function tick(float $number, float $there): Furniture
    {
        $at = $this->along($number);
        $anchor = $this->isUpright
            ? new Anchor(new Point($this->plot->left - self::CLEAR, $at), 'right')
            : new Anchor(new Point($at, $this->plot->bottom() + self::CLEAR), 'middle');

        return Furniture::tick($this->line($at, self::TICK), $there, $number, $anchor);
    }

    private function line(float $at, float $thick): string
    {
        $plot = $this->plot;

        return $this->isUpright
            ? OutlineBuilder::rectangle($plot->left, $at - $thick / 2, $plot->width, $thick)
            : OutlineBuilder::rectangle($at - $thick / 2, $plot->top, $thick, $plot->height);
    }
}
