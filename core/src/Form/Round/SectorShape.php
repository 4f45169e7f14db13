<?php

declare(strict_types=1);

namespace Lupine\Core\Form\Round;

use Lupine\Core\Form\Anchor;
use Lupine\Core\Form\Grain;
use Lupine\Core\Form\Shape;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Geometry\Sector;

/** A part of a pie or a donut. */
final readonly class SectorShape implements Shape
{
    /** how far out words on a part without a hole are centred, as a fraction of the radius */
    private const WORDS = 0.62;

    /** sine below which words stand above or below, not to a side */
    private const UPRIGHT = 0.2;

    /**
     * @param Slot $slot the place of the whole part
     * @param Point $centre of the chart
     */
    public function __construct(public Sector $sector, private Slot $slot, private Point $centre, private float $out)
    {
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

    public function beside(float $clear, float $width, float $height): Anchor
    {
        $degrees = $this->slot->middleDegrees();
        $side = sin(deg2rad($degrees));
        $at = $this->centre->towards(
            $degrees,
            $this->sector->outerRadius + $this->out + $clear + (abs(cos(deg2rad($degrees))) * $height) / 2,
        );

        return new Anchor($at, abs($side) < self::UPRIGHT ? 'middle' : ($side > 0 ? 'left' : 'right'));
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
        );
    }
}
