<?php

declare(strict_types=1);

namespace Lupine\Core\Form\Line;

use Lupine\Core\Figures\Presence;
use Lupine\Core\Form\Along;
use Lupine\Core\Form\Anchor;
use Lupine\Core\Form\Grain;
use Lupine\Core\Form\Rim;
use Lupine\Core\Form\Shape;
use Lupine\Core\Geometry\Bend;
use Lupine\Core\Geometry\Box;
use Lupine\Core\Geometry\OutlineBuilder;
use Lupine\Core\Geometry\Point;

/** The stretch of a line, or of an area, that leads to one figure. */
final readonly class LineShape implements Shape
{
    private const NOTHING = 1e-7;

    /** how much of a dot's way it takes until it is as large as it becomes */
    private const GROWING = 0.2;

    /** pixels that the first figure of an area is wide, as nothing leads to it */
    private const SLIVER = 2.0;

    private Point $tip;

    /**
     * @param Stretch|null $stretch null where there is a gap
     * @param Stretch|null $below the stretch below it in a stacked area; null: it stands on the baseline
     * @param float $zero where zero is, in pixels of the stage
     * @param float $thickness of the line; 0: it is filled down to what is below it
     * @param float $dot how wide a dot at its tip is; 0: there is none
     */
    public function __construct(
        private Box $plot,
        private ?Stretch $stretch,
        private ?Stretch $below,
        private Point $end,
        private float $zero,
        private float $band,
        private float $thickness,
        private float $dot,
        private Presence $there,
    ) {
        $this->tip = $stretch === null ? $end : $stretch->at($there->to);
    }

    public function outline(): string
    {
        if ($this->stretch === null || $this->there->amount <= self::NOTHING) {
            return '';
        }

        return $this->thickness > 0 ? $this->line($this->stretch) : $this->area($this->stretch);
    }

    public function middle(): Point
    {
        return $this->thickness > 0 ? $this->tip : new Point($this->tip->x, ($this->tip->y + $this->foundation()) / 2);
    }

    /** Words never stand on a line; on an area they would lie over more figures than their own. */
    public function holds(Point $middle, float $width, float $height, float $margin): bool
    {
        return false;
    }

    public function beside(float $clear, float $width, float $height): Point
    {
        $far = $clear * 0.7 + $height / 2 + max($this->thickness, $this->dot) / 2;

        return new Point($this->place(), $this->tip->y + ($this->isBelow() ? $far : -$far));
    }

    public function rim(): Rim
    {
        return new Rim(new Point($this->place(), $this->tip->y), 0.0, $this->isBelow() ? 1.0 : -1.0);
    }

    public function along(): ?Along
    {
        return null;
    }

    public function foot(float $clear, float $height): Anchor
    {
        return new Anchor(
            new Point($this->end->x, $this->plot->bottom() + $clear + $height / 2),
            'middle',
            $this->band * 0.94,
        );
    }

    public function grain(): Grain
    {
        return Grain::linear(
            // All of a series alike, so that its stretches go over into each other.
            new Point($this->plot->middle()->x, $this->plot->bottom()),
            new Point($this->plot->middle()->x, $this->plot->top),
            $this->plot->middle(),
            hypot($this->plot->width, $this->plot->height) / 2 + max($this->thickness, $this->dot),
        )->along([Bend::straight(
            new Point($this->plot->left, $this->plot->middle()->y),
            new Point($this->plot->right(), $this->plot->middle()->y),
        )], $this->plot->height);
    }

    /** A label stands at the figure, also where its stretch goes on beyond it. */
    private function place(): float
    {
        return $this->stretch !== null && $this->stretch->isStepped ? min($this->end->x, $this->tip->x) : $this->tip->x;
    }

    private function isBelow(): bool
    {
        return $this->end->y > $this->zero + self::NOTHING;
    }

    private function foundation(): float
    {
        return $this->below === null ? $this->zero : $this->below->at($this->there->to)->y;
    }

    private function line(Stretch $stretch): string
    {
        $half = $this->thickness / 2;
        $dot = $this->dot / 2 * min(1.0, $this->there->amount / self::GROWING);
        if ($stretch->isStepped) {
            return self::step($stretch, $this->there, $half);
        }
        $isPoint = $stretch->from->distanceTo($stretch->to) < self::NOTHING;
        $grown = $isPoint ? max($half, $this->dot / 2) * $this->there->amount : $dot;
        $path = $isPoint ? '' : $this->band($stretch, $half);

        return $grown > self::NOTHING && ($isPoint || $grown > $half)
            ? $path.OutlineBuilder::circle($this->tip, $grown)
            : $path;
    }

    /** Along its left side, round its end, back along its right side, and round its beginning. */
    private function band(Stretch $stretch, float $half): string
    {
        $parts = $stretch->parts($this->there->from, $this->there->to);
        $ways = array_map($stretch->degreesAt(...), $parts);
        $points = array_map($stretch->at(...), $parts);
        $last = count($parts) - 1;
        $path = (new OutlineBuilder())->moveTo($points[0]->towards($ways[0], $half));
        foreach ($points as $index => $point) {
            $path->lineTo($point->towards($ways[$index], $half));
        }
        $path->arc($points[$last], $half, $ways[$last], $ways[$last] + 180);
        for ($index = $last; $index >= 0; --$index) {
            $path->lineTo($points[$index]->towards($ways[$index] + 180, $half));
        }

        return $path->arc($points[0], $half, $ways[0] + 180, $ways[0] + 360)->close()->pathData();
    }

    /** A riser from the figure before, and a level part through the figure's place. */
    private static function step(Stretch $stretch, Presence $there, float $half): string
    {
        $left = $stretch->at($there->from)->x;
        $right = $stretch->at($there->to)->x + $half;
        $level = $stretch->to->y;
        if ($stretch->isFirst || $there->from > 0 || abs($stretch->from->y - $level) < self::NOTHING) {
            return OutlineBuilder::rectangle($left - $half, $level - $half, $right - $left + $half, 2 * $half);
        }
        // From above or from below: the corners are walked clockwise either way.
        $down = $stretch->from->y < $level ? 1 : -1;
        $corners = [
            new Point($left - $half, $stretch->from->y),
            new Point($left + $half, $stretch->from->y),
            new Point($left + $half, $level - $down * $half),
            new Point($right, $level - $down * $half),
            new Point($right, $level + $down * $half),
            new Point($left - $half, $level + $down * $half),
        ];
        $path = (new OutlineBuilder())->moveTo($corners[0]);
        foreach (array_slice($corners, 1) as $corner) {
            $path->lineTo($corner);
        }

        return $path->close()->pathData();
    }

    private function area(Stretch $stretch): string
    {
        [$from, $to] = [$this->there->from, $this->there->to];
        $upper = $stretch->points($from, $to);
        $lower = $this->below === null
            ? [new Point($upper[0]->x, $this->zero), new Point($this->tip->x, $this->zero)]
            : $this->below->points($from, $to);
        if ($this->tip->x - $upper[0]->x < self::NOTHING) {
            $foot = $this->foundation();
            $width = self::SLIVER * $this->there->amount;
            [$left, $right] = [$this->tip->x - $width / 2, $this->tip->x + $width / 2];
            $upper = [new Point($left, $this->tip->y), new Point($right, $this->tip->y)];
            $lower = [new Point($left, $foot), new Point($right, $foot)];
        }
        $path = (new OutlineBuilder())->moveTo($lower[0]);
        foreach ([...$upper, ...array_reverse(array_slice($lower, 1))] as $point) {
            $path->lineTo($point);
        }

        return $path->close()->pathData();
    }
}
