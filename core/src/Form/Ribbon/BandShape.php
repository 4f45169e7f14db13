<?php

declare(strict_types=1);

namespace Lupine\Core\Form\Ribbon;

use Lupine\Core\Figures\Presence;
use Lupine\Core\Form\Along;
use Lupine\Core\Form\Anchor;
use Lupine\Core\Form\Grain;
use Lupine\Core\Form\Rim;
use Lupine\Core\Form\Shape;
use Lupine\Core\Geometry\ArcChain;
use Lupine\Core\Geometry\Point;

/** A stretch of a band; parts have their words beside their middle, amounts after their end. */
final readonly class BandShape implements Shape
{
    /** how much of a direction must be sideways for words to stand wholly to a side */
    private const SIDEWAYS = 0.3;
    private const SAMPLES = 24;

    private ArcChain $chain;

    private float $from;

    private float $to;

    public function __construct(
        private Band $band,
        private float $half,
        private float $corner,
        Presence $there,
        private float $out,
        private bool $isPart,
    ) {
        $this->from = $band->from + $band->length() * $there->from;
        $this->to = $band->from + $band->length() * $there->to;
        [, $heading] = $band->chain->at(($band->from + $band->to) / 2);
        $this->chain = $out > 0
            ? $band->chain->moved($out * sin($heading), -$out * cos($heading))
            : $band->chain;
    }

    public function outline(): string
    {
        return $this->chain->band($this->from, $this->to, $this->half, $this->corner);
    }

    public function middle(): Point
    {
        return $this->chain->at(($this->from + $this->to) / 2)[0];
    }

    public function holds(Point $middle, float $width, float $height, float $margin): bool
    {
        foreach ([[-1, -1], [1, -1], [-1, 1], [1, 1], [0, -1], [0, 1], [-1, 0], [1, 0]] as [$sideways, $upright]) {
            $corner = new Point($middle->x + ($sideways * $width) / 2, $middle->y + ($upright * $height) / 2);
            [$distance, $along] = $this->nearest($corner);
            if ($distance > $this->half - $margin) {
                return false;
            }
            if ($along < $this->from + $margin || $along > $this->to - $margin) {
                return false;
            }
        }

        return true;
    }

    public function beside(float $clear, float $width, float $height): Point
    {
        if ($this->isPart) {
            $rim = $this->rim();
            $reach = $clear + (abs($rim->y) * $height) / 2;
            $aside = max(-1.0, min(1.0, $rim->x / self::SIDEWAYS));

            return new Point($rim->out($reach)->x + ($aside * $width) / 2, $rim->out($reach)->y);
        }
        $rim = $this->rim();
        $reach = $clear * 0.6 + (abs($rim->x) * $width + abs($rim->y) * $height) / 2;

        return $rim->out($reach);
    }

    public function rim(): Rim
    {
        if (!$this->isPart) {
            [$end, $heading] = $this->chain->at($this->to);

            return new Rim($end, cos($heading), sin($heading));
        }
        $middle = ($this->band->from + $this->band->to) / 2;
        [$point, $heading] = $this->chain->at($middle);
        // On the outside of the bend, where there is more room.
        $side = $this->chain->curvatureAt($middle) < -1e-9 ? -1 : 1;
        [$x, $y] = [$side * sin($heading), -$side * cos($heading)];

        $edge = new Point($point->x + $x * $this->half, $point->y + $y * $this->half);

        return new Rim($edge, $x, $y, 2 * $this->half);
    }

    public function along(): Along
    {
        [$point, $heading] = $this->chain->at(($this->from + $this->to) / 2);
        $bend = abs($this->chain->curvatureAt(($this->from + $this->to) / 2));

        return Along::heading(
            $point,
            rad2deg($heading),
            $this->chain->at($this->from)[0]->distanceTo($this->chain->at($this->to)[0]),
            2 * $this->half,
            $bend > 1e-9 ? 1 / $bend : INF,
        );
    }

    public function foot(float $clear, float $height): ?Anchor
    {
        if ($this->isPart) {
            return null;
        }
        [$point, $heading] = $this->band->chain->at(0.0);
        $x = -cos($heading);
        $isUpright = abs($x) < 0.3;
        $reach = $isUpright ? $clear + $height / 2 : $clear;

        return new Anchor(
            new Point($point->x + $x * $reach, $point->y - sin($heading) * $reach),
            $isUpright ? 'middle' : ($x > 0 ? 'left' : 'right'),
        );
    }

    public function grain(): Grain
    {
        $box = $this->chain->box();
        $middle = $box->middle();
        $reach = hypot($box->width, $box->height) / 2 + $this->half + $this->out;

        return Grain::linear(
            new Point($middle->x, $box->top - $this->half),
            new Point($middle->x, $box->bottom() + $this->half),
            $middle,
            $reach,
        )->along($this->chain->bends($this->from, $this->to), $this->half);
    }

    /** @return array{float, float} how far a point is from the middle line, and where along it */
    private function nearest(Point $point): array
    {
        [$best, $along] = [INF, $this->from];
        for ($step = 0; $step <= self::SAMPLES; ++$step) {
            $at = $this->from + (($this->to - $this->from) * $step) / self::SAMPLES;
            [$there, $heading] = $this->chain->at($at);
            // Off a sample only the part across the line counts: along it other samples are nearer.
            $ahead = ($point->x - $there->x) * cos($heading) + ($point->y - $there->y) * sin($heading);
            $across = abs(($point->y - $there->y) * cos($heading) - ($point->x - $there->x) * sin($heading));
            $distance = hypot($across, max(0.0, abs($ahead) - ($this->to - $this->from) / self::SAMPLES));
            if ($distance < $best) {
                [$best, $along] = [$distance, $at + $ahead];
            }
        }

        return [$best, $along];
    }
}
