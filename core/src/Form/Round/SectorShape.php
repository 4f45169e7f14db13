<?php

declare(strict_types=1);

namespace Lupine\Core\Form\Round;

use Lupine\Core\Form\Along;
use Lupine\Core\Form\Anchor;
use Lupine\Core\Form\Grain;
use Lupine\Core\Form\Rim;
use Lupine\Core\Form\Shape;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Geometry\Sector;

/** A part of a pie or a donut. */
final readonly class SectorShape implements Shape
{
    /** how far out words on a part without a hole are centred, as a fraction of the radius */
    private const WORDS = 0.62;

    /** and of those that lie along its rim */
    private const ALONG = 0.84;

    /** sine from which on words stand wholly to a side */
    private const SIDEWAYS = 0.3;

    /**
     * @param Slot $slot the place of the whole part
     * @param Point $centre of the chart
     */
    public function __construct(
        public Sector $sector,
        public Slot $slot,
        private Point $centre,
        private float $out,
    ) {
    }

    public function outline(): string
    {
        return $this->sector->outline();
    }

    public function middle(): Point
    {
        $sector = $this->sector;
        if ($sector->isWhole() && $sector->innerRadius < 1e-9) {
            return $sector->centre;
        }

        return $sector->centre->towards(
            $sector->middleDegrees(),
            $sector->innerRadius > 0
                ? ($sector->outerRadius + $sector->innerRadius) / 2
                : $sector->outerRadius * self::WORDS,
        );
    }

    public function holds(Point $middle, float $width, float $height, float $margin): bool
    {
        return $this->sector->holds($middle, $width, $height, $margin);
    }

    public function beside(float $clear, float $width, float $height): Point
    {
        $degrees = $this->slot->middleDegrees();
        $side = sin(deg2rad($degrees));
        $at = $this->centre->towards(
            $degrees,
            $this->sector->outerRadius + $this->out + $clear + (abs(cos(deg2rad($degrees))) * $height) / 2,
        );
        // Above and below they stand over the point, to the sides beside it, and go over from one to the other.
        $aside = max(-1.0, min(1.0, $side / self::SIDEWAYS));

        return new Point($at->x + ($aside * $width) / 2, $at->y);
    }

    public function rim(): Rim
    {
        $degrees = $this->sector->middleDegrees();

        return new Rim(
            $this->sector->centre->towards($degrees, $this->sector->outerRadius),
            sin(deg2rad($degrees)),
            -cos(deg2rad($degrees)),
        );
    }

    public function along(): Along
    {
        $sector = $this->sector;
        $isRing = $sector->innerRadius > 1e-9;
        $radius = $isRing
            ? ($sector->outerRadius + $sector->innerRadius) / 2
            : $sector->outerRadius * self::ALONG;

        return Along::heading(
            $sector->centre->towards($sector->middleDegrees(), $radius),
            $sector->middleDegrees(),
            2 * $radius * sin(deg2rad(min(180.0, $sector->sweepDegrees) / 2)),
            $isRing
                ? $sector->outerRadius - $sector->innerRadius
                : 2 * ($sector->outerRadius - $radius),
            $radius,
        );
    }

    public function foot(float $clear, float $height): ?Anchor
    {
        return null;
    }

    public function grain(): Grain
    {
        $sector = $this->sector;

        return Grain::radial(
            $sector->centre,
            $sector->innerRadius,
            $sector->outerRadius,
            $this->centre,
            $sector->outerRadius + $this->out,
            $this->middle(),
        )->along([$sector->bend()], ($sector->outerRadius - $sector->innerRadius) / 2);
    }
}
