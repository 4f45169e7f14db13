<?php

declare(strict_types=1);

namespace Lupine\Core\Form\Dial;

use Lupine\Core\Figures\Presence;
use Lupine\Core\Figures\Scale;
use Lupine\Core\Form\Axes;
use Lupine\Core\Form\CountsFromZero;
use Lupine\Core\Form\Furniture;
use Lupine\Core\Form\Layout;
use Lupine\Core\Form\Measure;
use Lupine\Core\Form\Rings\ArcShape;
use Lupine\Core\Form\Room;
use Lupine\Core\Form\Spread;
use Lupine\Core\Form\Standing;
use Lupine\Core\Form\StandsApart;
use Lupine\Core\Geometry\Box;
use Lupine\Core\Geometry\OutlineBuilder;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Geometry\Sector;
use Lupine\Core\Piece\FormSettings;

/** One mark on its track, with ticks around and a target across. */
final readonly class DialLayout implements Layout
{
    use CountsFromZero;
    use StandsApart;

    private const TARGET = 7.0;
    private const TARGET_OVER = 12.0;
    private const TICK = 3.0;
    private const TICK_FROM = 12.0;
    private const TICK_TO = 26.0;

    private float $radius;

    private float $hole;

    private float $fullDegrees;

    private float $startDegrees;

    private int $turn;

    public function __construct(
        private FormSettings $settings,
        private Point $centre,
        private Standing $standing,
        private Scale $scale,
    ) {
        $this->radius = $settings->number('radius');
        $this->hole = $this->radius * $settings->number('hole');
        $this->fullDegrees = $settings->number('sweepDegrees');
        $this->startDegrees = $settings->number('startDegrees');
        $this->turn = $settings->word('direction') === 'clockwise' ? 1 : -1;
    }

    public function order(): array
    {
        return [$this->standing->figureId];
    }

    public function shape(string $figureId, Presence $there, float $out): ArcShape
    {
        return ArcShape::of(
            $this->centre,
            ($this->radius + $this->hole) / 2,
            $this->radius - $this->hole,
            $this->startDegrees,
            min(360.0, $this->fullDegrees * $this->standing->fraction),
            $there,
            $out,
            $this->turn > 0,
            $this->isRound(),
        );
    }

    public function pivot(): Point
    {
        return $this->centre;
    }

    public function extent(): Box
    {
        return Box::around($this->centre, 2 * $this->radius, 2 * $this->radius);
    }

    public function measure(): Measure
    {
        return Measure::Angle;
    }

    public function whole(string $figureId): float
    {
        return $this->fullDegrees;
    }

    public function furniture(): array
    {
        $furniture = [];
        if ($this->settings->word('track') !== 'none') {
            $track = new Sector(
                $this->centre,
                $this->radius,
                $this->hole,
                $this->turn > 0 ? $this->startDegrees : $this->startDegrees - $this->fullDegrees,
                $this->fullDegrees,
                corner: $this->isRound() ? ($this->radius - $this->hole) / 2 : 0.0,
            );
            $isTinted = $this->settings->word('track') === 'tinted';
            $furniture['track'] = Furniture::track($this->standing->figureId, $track->outline(), $isTinted);
        }
        $count = (int) $this->settings->number('ticks');
        $steps = $this->fullDegrees >= 360 ? $count : max(1, $count - 1);
        for ($tick = 0; $tick < $count; ++$tick) {
            $across = $this->across($tick / $steps, self::TICK, self::TICK_FROM, self::TICK_TO, $this->radius);
            $furniture['tick-'.$tick] = Furniture::axis($across);
        }
        $target = $this->settings->number('target');
        if ($target > 0) {
            $place = $target / $this->scale->length();
            $across = $this->across($place, self::TARGET, -self::TARGET_OVER, self::TARGET_OVER, null);
            $furniture['target'] = Furniture::target($across);
        }

        return $furniture;
    }

    public function spread(): Spread
    {
        return Spread::Stay;
    }

    public function axes(): ?Axes
    {
        return null;
    }

    public function pitch(): ?float
    {
        return null;
    }

    public function middle(): Room
    {
        return new Room($this->centre, $this->hole > 0 ? $this->hole * 1.6 : $this->radius, $this->hole);
    }

    private function isRound(): bool
    {
        return $this->settings->word('ends') === 'round' && $this->hole > 0;
    }

    /**
     * A short line that stands across the scale.
     *
     * @param float $place along the scale, 0 to 1
     * @param float|null $base what both ends are counted from; null: the hole and the rim
     */
    private function across(float $place, float $thick, float $from, float $to, ?float $base): string
    {
        $degrees = $this->startDegrees + $this->turn * $this->fullDegrees * $place;
        $corner = fn (float $radius, int $side): Point => $this->centre
            ->towards($degrees, $radius)
            ->towards($degrees + 90, ($side * $thick) / 2);
        [$near, $far] = [max(0.0, ($base ?? $this->hole) + $from), ($base ?? $this->radius) + $to];

        return (new OutlineBuilder())
            ->moveTo($corner($near, -1))
            ->lineTo($corner($far, -1))
            ->lineTo($corner($far, 1))
            ->lineTo($corner($near, 1))
            ->close()
            ->pathData();
    }
}
