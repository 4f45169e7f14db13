<?php

declare(strict_types=1);

namespace Lupine\Core\Form\Tilted;

use Lupine\Core\Form\Along;
use Lupine\Core\Form\Anchor;
use Lupine\Core\Form\Grain;
use Lupine\Core\Form\Rim;
use Lupine\Core\Form\Round\SectorShape;
use Lupine\Core\Form\Shape;
use Lupine\Core\Geometry\Bend;
use Lupine\Core\Geometry\Point;

/** The top of a part of a tilted pie. */
final readonly class TiltedShape implements Shape
{
    /** sine from which on words stand wholly to a side, and cosine to which they come down from top to foot */
    private const SIDEWAYS = 0.3;

    public function __construct(public SectorShape $plan, private View $view, private float $out)
    {
    }

    public function outline(): string
    {
        return $this->view->laid($this->plan->outline());
    }

    public function middle(): Point
    {
        return $this->view->point($this->plan->middle());
    }

    public function holds(Point $middle, float $width, float $height, float $margin): bool
    {
        return $this->plan->sector->holds(
            $this->view->plan($middle),
            $width,
            $height / $this->view->flat,
            $margin / $this->view->flat,
        );
    }

    public function beside(float $clear, float $width, float $height): Point
    {
        $degrees = $this->plan->slot->middleDegrees();
        $at = $this->edge($degrees)->towards($degrees, $clear + (abs(cos(deg2rad($degrees))) * $height) / 2);
        $aside = max(-1.0, min(1.0, sin(deg2rad($degrees)) / self::SIDEWAYS));

        return new Point($at->x + ($aside * $width) / 2, $at->y);
    }

    public function rim(): Rim
    {
        $degrees = $this->plan->sector->middleDegrees();

        return new Rim($this->edge($degrees), sin(deg2rad($degrees)), -cos(deg2rad($degrees)));
    }

    public function along(): ?Along
    {
        return null;
    }

    public function foot(float $clear, float $height): ?Anchor
    {
        return null;
    }

    public function grain(): Grain
    {
        $sector = $this->plan->sector;
        $middle = $this->view->point($sector->centre);
        $deep = $sector->outerRadius * $this->view->flat;

        return Grain::linear(
            new Point($middle->x, $middle->y + $deep),
            new Point($middle->x, $middle->y - $deep),
            $this->view->point(new Point(0, 0)),
            $sector->outerRadius + $this->out,
        )->along(
            [new Bend($middle, $sector->bend()->radius, $sector->fromDegrees, $sector->toDegrees())],
            ($sector->outerRadius - $sector->innerRadius) / 2,
            $this->view->flat,
        );
    }

    /** The outermost of it that is seen in a direction: at the back its top, in front its foot. */
    private function edge(float $degrees): Point
    {
        $sector = $this->plan->sector;
        $toFront = -cos(deg2rad($degrees));

        return $this->view->point(
            $sector->centre->towards($degrees, $sector->outerRadius),
            max(0.0, min(1.0, ($toFront + self::SIDEWAYS) / (2 * self::SIDEWAYS))),
        );
    }
}
