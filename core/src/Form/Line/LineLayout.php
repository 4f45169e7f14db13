<?php

declare(strict_types=1);

namespace Lupine\Core\Form\Line;

use Lupine\Core\Figures\Presence;
use Lupine\Core\Figures\Scale;
use Lupine\Core\Form\Axes;
use Lupine\Core\Form\DrawnOn;
use Lupine\Core\Form\Layout;
use Lupine\Core\Form\Measure;
use Lupine\Core\Form\Moment;
use Lupine\Core\Form\Room;
use Lupine\Core\Form\ScaleMarks;
use Lupine\Core\Form\Spread;
use Lupine\Core\Form\Standing;
use Lupine\Core\Geometry\Box;
use Lupine\Core\Geometry\OutlineBuilder;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Piece\FormSettings;

/** Figures in a row, joined by lines on one scale. */
final readonly class LineLayout implements Layout, DrawnOn
{
    /** how wide the patch under the boundary of two stretches of an area is, in pixels */
    private const SEAM = 1.2;

    /**
     * @param array<string, Standing> $standings by figure id, in the order in which they are laid out
     * @param array<string, Stretch|null> $stretches by figure id
     * @param array<string, Stretch|null> $belows of a stacked area, by figure id
     * @param array<string, Point> $ends where each figure is, by figure id
     * @param array<string, string> $before the figure that each is joined to, by figure id
     */
    private function __construct(
        private FormSettings $settings,
        private Box $plot,
        private Scale $scale,
        private bool $isFilled,
        private float $band,
        private array $standings,
        private array $stretches,
        private array $belows,
        private array $ends,
        private array $before,
    ) {
    }

    public static function of(FormSettings $settings, Point $place, Moment $moment, bool $isFilled): self
    {
        $plot = Box::around($place, $settings->number('width'), $settings->number('height'));
        $scale = $moment->scale;
        $count = $moment->seriesCount();
        $standings = $series = [];
        foreach ($moment->inPlace() as $standing) {
            $standings[$standing->figureId] = $standing;
            $series[$standing->series][] = $standing;
        }
        $rows = max(1, count($standings) / $count);
        $band = $plot->width / $rows;
        $isStacked = $isFilled && $count > 1 && $settings->word('stack') !== 'side';
        $stretches = $belows = $ends = $before = $heights = $lower = [];
        ksort($series);
        foreach ($series as $ofSeries) {
            $points = $feet = [];
            foreach ($ofSeries as $index => $standing) {
                $row = ($standing->place - $standing->series) / $count;
                $begin = $isStacked ? $heights[$standing->rowId] ?? 0.0 : 0.0;
                $heights[$standing->rowId] = $begin + $standing->fraction;
                $at = $scale->place(0.0) + $begin + $standing->fraction;
                $end = new Point($plot->left + ($row + 0.5) * $band, $plot->bottom() - $at * $plot->height);
                $ends[$standing->figureId] = $end;
                $feet[] = $plot->bottom() - ($scale->place(0.0) + $begin) * $plot->height;
                $points[] = $standing->isGap ? null : $end;
                if ($index > 0) {
                    $before[$standing->figureId] = $ofSeries[$index - 1]->figureId;
                }
            }
            $all = Stretch::all($points, $settings->word('between'), $band);
            foreach ($ofSeries as $index => $standing) {
                $stretches[$standing->figureId] = $all[$index];
                $foot = $feet[$index];
                $belows[$standing->figureId] = $isStacked && $all[$index] !== null
                    ? self::below($all[$index], $lower[$index] ?? null, $feet[$index - 1] ?? $foot, $foot)
                    : null;
            }
            $lower = $all;
        }

        return new self(
            $settings,
            $plot,
            $scale,
            $isFilled,
            $band,
            $standings,
            $stretches,
            $belows,
            $ends,
            $before,
        );
    }

    /**
     * What a stretch stands on: the one below it, or where that has a gap, what is there at both of its ends.
     *
     * @param float $from and the other: where it stands at its ends, in pixels of the stage
     */
    private static function below(Stretch $own, ?Stretch $lower, float $from, float $to): Stretch
    {
        return $lower !== null && $lower->isFirst === $own->isFirst
            ? $lower
            : Stretch::straight(
                new Point($own->from->x, $own->isFirst || $own->isStepped ? $to : $from),
                new Point($own->to->x, $to),
            );
    }

    public function order(): array
    {
        return array_map('strval', array_keys($this->standings));
    }

    public function shape(string $figureId, Presence $there, float $out): LineShape
    {
        return new LineShape(
            $this->plot,
            $this->stretches[$figureId],
            $this->belows[$figureId],
            $this->ends[$figureId],
            $this->zero(),
            $this->band,
            $this->isFilled ? 0.0 : $this->settings->number('thickness'),
            $this->isFilled || $this->settings->word('between') === 'stepped' ? 0.0 : $this->settings->number('points'),
            $there,
        );
    }

    public function way(string $figureId): float
    {
        $points = $this->stretches[$figureId]?->points(0.0, 1.0) ?? [];
        $way = 0.0;
        foreach (array_slice($points, 1) as $index => $point) {
            $way += $point->distanceTo($points[$index]);
        }

        return $way;
    }

    public function tip(string $figureId, Presence $there): float
    {
        $stretch = $this->stretches[$figureId];
        if ($stretch === null || $there->amount <= 0) {
            return 0.0;
        }
        if ($there->to >= 1.0) {
            return $this->standings[$figureId]->fraction;
        }
        $below = $this->belows[$figureId]?->at($there->to)->y ?? $this->zero();

        return ($below - $stretch->at($there->to)->y) / $this->plot->height;
    }

    public function pivot(): Point
    {
        return $this->plot->middle();
    }

    public function extent(): Box
    {
        return $this->plot;
    }

    public function measure(): Measure
    {
        return $this->isFilled ? Measure::Edge : Measure::Level;
    }

    public function whole(string $figureId): float
    {
        return $this->plot->height;
    }

    public function neighbours(): array
    {
        $pairs = [];
        foreach ($this->isFilled ? $this->before : [] as $id => $before) {
            if ($this->stretches[$id] !== null && $this->stretches[$before] !== null) {
                $pairs[] = [$before, (string) $id];
            }
        }

        return $pairs;
    }

    public function seam(string $before, string $after, Presence $beforeThere, Presence $afterThere): string
    {
        $stretch = $this->stretches[$after];
        if ($stretch === null || $beforeThere->to < 1.0 || $afterThere->from > 0.0 || $afterThere->amount <= 0.0) {
            return '';
        }
        $at = $stretch->at(0.0);
        // Stepped, one is as high as the lower of both where they meet.
        $foot = $this->belows[$after]?->at(0.0)->y ?? $this->zero();
        $top = $stretch->isStepped ? $this->nearer($foot, $at->y, $this->ends[$before]->y) : $at->y;
        $width = min(self::SEAM, ($stretch->at($afterThere->to)->x - $at->x) * 2);

        return abs($foot - $top) < 1e-7 ? '' : OutlineBuilder::rectangle(
            $at->x - $width / 2,
            min($foot, $top),
            $width,
            abs($foot - $top),
        );
    }

    public function furniture(): array
    {
        return (new ScaleMarks($this->plot, $this->scale, true))->furniture($this->settings->word('axis'));
    }

    public function spread(): Spread
    {
        return Spread::Stay;
    }

    public function axes(): Axes
    {
        return Axes::ScaleUpright;
    }

    public function pitch(): ?float
    {
        return null;
    }

    public function middle(): ?Room
    {
        return null;
    }

    private function zero(): float
    {
        return $this->plot->bottom() - $this->scale->place(0.0) * $this->plot->height;
    }

    private function nearer(float $to, float $one, float $other): float
    {
        return abs($one - $to) < abs($other - $to) ? $one : $other;
    }
}
