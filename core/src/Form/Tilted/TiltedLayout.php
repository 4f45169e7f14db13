<?php

declare(strict_types=1);

namespace Lupine\Core\Form\Tilted;

use Lupine\Core\Figures\Presence;
use Lupine\Core\Form\Axes;
use Lupine\Core\Form\CountsFromZero;
use Lupine\Core\Form\Layout;
use Lupine\Core\Form\Measure;
use Lupine\Core\Form\Moment;
use Lupine\Core\Form\Room;
use Lupine\Core\Form\Round\RoundLayout;
use Lupine\Core\Form\Solid;
use Lupine\Core\Form\Spread;
use Lupine\Core\Geometry\Box;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Geometry\Sector;
use Lupine\Core\Piece\FormSettings;

/** Parts of a whole around a point, laid down and given a height. Their plan is that of a pie around (0, 0). */
final readonly class TiltedLayout implements Layout, Solid
{
    use CountsFromZero;

    private function __construct(
        private RoundLayout $plan,
        private View $view,
        private Point $place,
        private float $radius,
        private float $holeRadius,
        private float $sweepDegrees,
        private float $apart,
    ) {
    }

    public static function of(FormSettings $settings, Point $place, Moment $moment): self
    {
        $hole = $settings->number('hole');
        $radius = $settings->number('radius');

        return new self(
            RoundLayout::of($settings, $hole, new Point(0, 0), $moment),
            new View($place, $settings->number('tilt'), $settings->number('height')),
            $place,
            $radius,
            $radius * $hole,
            $settings->number('sweepDegrees'),
            $settings->number('apart'),
        );
    }

    public function order(): array
    {
        return $this->plan->order();
    }

    public function shape(string $figureId, Presence $there, float $out): TiltedShape
    {
        $out += $this->apart;

        return new TiltedShape($this->plan->shape($figureId, $there, $out), $this->view, $out);
    }

    public function faces(array $there, array $outs): array
    {
        return Sides::of($this->sectors($there, $outs))->faces($this->view);
    }

    public function foot(string $figureId, Presence $there, float $out): string
    {
        return $this->view->laid($this->plan->shape($figureId, $there, $out + $this->apart)->outline(), 1.0);
    }

    public function seen(array $outs): array
    {
        $sectors = $this->sectors([], $outs);
        $seen = Sides::of($sectors)->seen($sectors, $this->view);
        foreach ($sectors as $id => $sector) {
            $seen[$id] += $sector->area() * $this->view->flat;
        }

        return $seen;
    }

    public function pivot(): Point
    {
        return $this->place;
    }

    public function extent(): Box
    {
        $reach = 2 * ($this->radius + $this->apart);

        return Box::around($this->place, $reach, $reach * $this->view->flat + $this->view->rise);
    }

    public function measure(): Measure
    {
        return Measure::Area;
    }

    /** The top of all of it: area of the sector of a ring, ½(R² − r²)θ, laid down. */
    public function whole(string $figureId): float
    {
        return (new Sector(new Point(0, 0), $this->radius, $this->holeRadius, 0.0, $this->sweepDegrees))->area()
            * $this->view->flat;
    }

    public function neighbours(): array
    {
        return $this->apart > 0 ? [] : $this->plan->neighbours();
    }

    public function seam(string $before, string $after, Presence $beforeThere, Presence $afterThere): string
    {
        // What is moved apart does not touch.
        $seam = $this->apart > 0 ? '' : $this->plan->seam($before, $after, $beforeThere, $afterThere);

        return $seam === '' ? '' : $this->view->laid($seam);
    }

    public function furniture(): array
    {
        return [];
    }

    public function spread(): Spread
    {
        return Spread::Sides;
    }

    public function axes(): ?Axes
    {
        return null;
    }

    public function pitch(): ?float
    {
        return null;
    }

    public function middle(): ?Room
    {
        return null;
    }

    /**
     * @param array<string, Presence> $there
     * @param array<string, float> $outs
     *
     * @return array<string, Sector> of the plan, by figure id
     */
    private function sectors(array $there, array $outs): array
    {
        $sectors = [];
        foreach ($this->order() as $id) {
            $sectors[$id] = $this->plan
                ->shape($id, $there[$id] ?? Presence::full(), ($outs[$id] ?? 0.0) + $this->apart)
                ->sector;
        }

        return $sectors;
    }
}
