<?php

declare(strict_types=1);

namespace Lupine\Core\Form\Rings;

use Lupine\Core\Figures\Presence;
use Lupine\Core\Form\Along;
use Lupine\Core\Form\Anchor;
use Lupine\Core\Form\Grain;
use Lupine\Core\Form\Rim;
use Lupine\Core\Form\Shape;
use Lupine\Core\Geometry\Bend;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Geometry\Sector;

/** A bar that runs around a point; words stand before its start and after its end. */
final readonly class ArcShape implements Shape
{
    /** how much of a direction must be sideways for words to stand to a side */
    private const SIDEWAYS = 0.3;

    /**
     * @param float $startDegrees where the bar begins
     * @param float $endDegrees where it ends just now
     * @param int $turn 1 where it runs clockwise, −1 where not
     */
    private function __construct(
        private Sector $sector,
        private float $startDegrees,
        private float $endDegrees,
        private int $turn,
    ) {
    }

    /** @param float $radius in the middle of its thickness */
    public static function of(
        Point $centre,
        float $radius,
        float $thickness,
        float $startDegrees,
        float $sweepDegrees,
        Presence $there,
        float $out,
        bool $isClockwise,
        bool $isRound,
    ): self {
        $turn = $isClockwise ? 1 : -1;
        $from = $startDegrees + $turn * $sweepDegrees * $there->from;
        $to = $startDegrees + $turn * $sweepDegrees * $there->to;
        $middle = $startDegrees + ($turn * $sweepDegrees) / 2;
        $sector = new Sector(
            $out > 0 ? $centre->towards($middle, $out) : $centre,
            $radius + $thickness / 2,
            max(0.0, $radius - $thickness / 2),
            min($from, $to),
            abs($to - $from),
            corner: $isRound ? $thickness / 2 : 0.0,
        );

        return new self($sector, $startDegrees, $to, $turn);
    }

    public function outline(): string
    {
        return $this->sector->outline();
    }

    public function middle(): Point
    {
        return $this->sector->centre->towards($this->sector->middleDegrees(), $this->radius());
    }

    public function holds(Point $middle, float $width, float $height, float $margin): bool
    {
        return $this->sector->sweepDegrees > 0 && $this->sector->holds($middle, $width, $height, $margin);
    }

    public function beside(float $clear, float $width, float $height): Point
    {
        $end = $this->sector->centre->towards($this->endDegrees, $this->radius());
        $along = $this->endDegrees + $this->turn * 90;
        $sine = abs(sin(deg2rad($along)));
        $reach = ($sine * $width + sqrt(max(0.0, 1 - $sine ** 2)) * $height) / 2;

        return $end->towards($along, $clear * 0.6 + $reach);
    }

    public function rim(): Rim
    {
        $along = deg2rad($this->endDegrees + $this->turn * 90);

        return new Rim(
            $this->sector->centre->towards($this->endDegrees, $this->radius()),
            sin($along),
            -cos($along),
        );
    }

    public function along(): Along
    {
        $degrees = $this->sector->middleDegrees();

        return Along::heading(
            $this->sector->centre->towards($degrees, $this->radius()),
            $degrees,
            2 * $this->radius() * sin(deg2rad(min(180.0, $this->sector->sweepDegrees) / 2)),
            $this->sector->outerRadius - $this->sector->innerRadius,
            $this->radius(),
        );
    }

    public function foot(float $clear, float $height): Anchor
    {
        $start = $this->sector->centre->towards($this->startDegrees, $this->radius());
        $back = $this->startDegrees - $this->turn * 90;
        $sideways = sin(deg2rad($back));
        $point = $start->towards($back, abs($sideways) < self::SIDEWAYS ? $clear + $height / 2 : $clear);

        return new Anchor($point, abs($sideways) < self::SIDEWAYS ? 'middle' : ($sideways > 0 ? 'left' : 'right'));
    }

    public function grain(): Grain
    {
        return Grain::radial(
            $this->sector->centre,
            $this->sector->innerRadius,
            $this->sector->outerRadius,
            $this->sector->centre,
            $this->sector->outerRadius,
            $this->middle(),
        )->along(
            [new Bend($this->sector->centre, $this->radius(), $this->startDegrees, $this->endDegrees)],
            ($this->sector->outerRadius - $this->sector->innerRadius) / 2,
        );
    }

    private function radius(): float
    {
        return ($this->sector->outerRadius + $this->sector->innerRadius) / 2;
    }
}
