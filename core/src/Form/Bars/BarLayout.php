<?php

declare(strict_types=1);

namespace Lupine\Core\Form\Bars;

use Lupine\Core\Figures\Presence;
use Lupine\Core\Figures\Scale;
use Lupine\Core\Form\Axes;
use Lupine\Core\Form\CountsFromZero;
use Lupine\Core\Form\Furniture;
use Lupine\Core\Form\Layout;
use Lupine\Core\Form\Measure;
use Lupine\Core\Form\Moment;
use Lupine\Core\Form\Room;
use Lupine\Core\Form\ScaleMarks;
use Lupine\Core\Form\Spread;
use Lupine\Core\Form\Standing;
use Lupine\Core\Form\StandsApart;
use Lupine\Core\Geometry\Box;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Piece\FormSettings;

/** Bars beside each other on one scale, lying or upright. */
final readonly class BarLayout implements Layout
{
    use CountsFromZero;
    use StandsApart;

    /** @var array<string, string> the outermost figure of each stack, by row and side of zero */
    private array $last;

    /**
     * @param array<string, Standing> $standings by figure id, in the order in which they are laid out
     * @param int $series how many stand in each row
     * @param array<string, float> $begins where stacked figures begin, by figure id
     * @param int $rows that there is room for
     */
    private function __construct(
        private FormSettings $settings,
        private Box $plot,
        private Scale $scale,
        private array $standings,
        private bool $isUpright,
        private int $series,
        private array $begins,
        private int $rows,
    ) {
        $last = [];
        foreach ($begins === [] ? [] : $standings as $standing) {
            if (abs($standing->fraction) > 0) {
                $last[self::side($standing)] = $standing->figureId;
            }
        }
        $this->last = $last;
    }

    public static function of(FormSettings $settings, Point $place, Moment $moment, bool $isUpright): self
    {
        $standings = [];
        foreach ($moment->inPlace() as $standing) {
            $standings[$standing->figureId] = $standing;
        }

        $series = $moment->seriesCount();
        $isStacked = $series > 1 && $settings->word('stack') !== 'side';

        return new self(
            $settings,
            Box::around($place, $settings->number('width'), $settings->number('height')),
            $moment->scale,
            $standings,
            $isUpright,
            $series,
            $isStacked ? self::begins($standings) : [],
            max(1, intdiv($moment->room(), $series)),
        );
    }

    public function order(): array
    {
        return array_map('strval', array_keys($this->standings));
    }

    public function shape(string $figureId, Presence $there, float $out): BarShape
    {
        $standing = $this->standings[$figureId];
        $room = $this->isUpright ? $this->plot->width : $this->plot->height;
        $band = $room / $this->rows;
        $row = ($standing->place - $standing->series) / $this->series;
        $middle = ($this->isUpright ? $this->plot->left : $this->plot->top) + ($row + 0.5) * $band;
        $rowMiddle = $middle;
        $thick = $band * (1 - $this->settings->number('spacing'));
        $isBeside = $this->series > 1 && $this->settings->word('stack') === 'side';
        if ($isBeside) {
            // Within their row they stand close, with a tenth of their thickness between.
            $each = $thick / $this->series;
            $middle += ($standing->series - ($this->series - 1) / 2) * $each;
            $thick = $each * 0.9;
        }
        $zero = $this->scale->place(0.0);
        $from = $zero + ($this->begins[$figureId] ?? 0.0);

        return new BarShape(
            $this->plot,
            $middle,
            $thick,
            $band,
            $rowMiddle,
            $this->at($from),
            $this->at($from + $standing->fraction),
            $there,
            $out,
            $this->isUpright,
            $this->isCovered($standing) ? 0.0 : $this->settings->number('corner'),
            $this->settings->word('corners') === 'both' && $this->begins === [],
        );
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
        return $this->isUpright ? Measure::Height : Measure::Width;
    }

    public function whole(string $figureId): float
    {
        return $this->isUpright ? $this->plot->height : $this->plot->width;
    }

    public function furniture(): array
    {
        $furniture = [];
        if ($this->settings->word('track') !== 'none') {
            foreach ($this->order() as $figureId) {
                if ($this->begins !== [] && $this->standings[$figureId]->series > 0) {
                    continue;
                }
                $track = $this->shape($figureId, Presence::full(), 0.0)->track(
                    $this->along($this->scale->least),
                    $this->along($this->scale->most),
                );
                $isTinted = $this->settings->word('track') === 'tinted';
                $furniture['track-'.$figureId] = Furniture::track($figureId, $track, $isTinted);
            }
        }

        return [...$furniture, ...$this->marks()->furniture($this->settings->word('axis'))];
    }

    public function spread(): Spread
    {
        return Spread::Stay;
    }

    public function axes(): Axes
    {
        return $this->isUpright ? Axes::ScaleUpright : Axes::ScaleAcross;
    }

    public function pitch(): ?float
    {
        return $this->isUpright || $this->rows === 0 ? null : $this->plot->height / $this->rows;
    }

    public function middle(): ?Room
    {
        return null;
    }

    /** Whether another figure of its row is stacked upon its end. */
    private function isCovered(Standing $standing): bool
    {
        if ($this->begins === []) {
            return false;
        }
        $last = $this->last[self::side($standing)] ?? null;

        return $last !== null && $last !== $standing->figureId;
    }

    private static function side(Standing $standing): string
    {
        return $standing->rowId.($standing->fraction < 0 ? '-' : '+');
    }

    private function marks(): ScaleMarks
    {
        return new ScaleMarks($this->plot, $this->scale, $this->isUpright);
    }

    /** Where an amount stands along the scale, in pixels from the left or the top of the stage. */
    private function along(float $amount): float
    {
        return $this->marks()->along($amount);
    }

    /** @param float $part of the scale, 0 at its least to 1 at its most */
    private function at(float $part): float
    {
        return $this->marks()->at($part);
    }

    /**
     * Where stacked figures begin, as fractions of the scale: after those of their row that come before, on their side
     * of zero.
     *
     * @param array<string, Standing> $standings
     *
     * @return array<string, float>
     */
    private static function begins(array $standings): array
    {
        $ends = [];
        $begins = [];
        foreach ($standings as $id => $standing) {
            $side = self::side($standing);
            $begins[$id] = $ends[$side] ?? 0.0;
            $ends[$side] = $begins[$id] + $standing->fraction;
        }

        return $begins;
    }
}
