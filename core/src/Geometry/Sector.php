<?php

declare(strict_types=1);

namespace Lupine\Core\Geometry;

/**
 * A sector of a disc or a ring, less half the gap on each side of its two boundary rays.
 *
 * The gap has the same width along its whole length: its edges are parallel to the boundary ray, which itself does not
 * move. At a distance ρ from the centre an edge stands asin(gap ÷ 2ρ) off the ray.
 */
final readonly class Sector
{
    private const NOTHING = 1e-9;

    public function __construct(
        public Point $centre,
        public float $outerRadius,
        public float $innerRadius,
        /** clockwise from 12 o'clock */
        public float $fromDegrees,
        /** 0 to 360 */
        public float $sweepDegrees,
        /** whole width of the gap between two neighbours, in pixels */
        public float $gap = 0.0,
        /** radius of its rounded corners in pixels; where there is less room, they are smaller */
        public float $corner = 0.0,
    ) {
    }

    public function toDegrees(): float
    {
        return $this->fromDegrees + $this->sweepDegrees;
    }

    public function middleDegrees(): float
    {
        return $this->fromDegrees + $this->sweepDegrees / 2;
    }

    /** Its middle line, clockwise. */
    public function bend(): Bend
    {
        $radius = ($this->outerRadius + $this->innerRadius) / 2;

        return new Bend($this->centre, $radius, $this->fromDegrees, $this->toDegrees());
    }

    public function isWhole(): bool
    {
        return $this->sweepDegrees >= 360.0 - self::NOTHING;
    }

    /** The outline as path data; empty where there is nothing to see. */
    public function outline(): string
    {
        if ($this->sweepDegrees <= self::NOTHING || $this->outerRadius <= self::NOTHING) {
            return '';
        }
        if ($this->isWhole()) {
            return $this->ring();
        }
        $rounded = $this->corner > 0 ? RoundedSector::outline($this) : null;
        if ($rounded !== null) {
            return $rounded;
        }
        $half = $this->gap / 2;
        $outer = $this->edgeDegrees($this->outerRadius, $half);
        if ($outer === null || 2 * $outer >= $this->sweepDegrees) {
            return '';
        }
        $path = (new OutlineBuilder())
            ->moveTo($this->centre->towards($this->fromDegrees + $outer, $this->outerRadius))
            ->arc($this->centre, $this->outerRadius, $this->fromDegrees + $outer, $this->toDegrees() - $outer);
        $this->inside($path, $half);

        return $path->close()->pathData();
    }

    /**
     * Exact area of the outline in square pixels: ½(R² − r²)θ less a strip along each edge (see Strip). Where the edges
     * meet before the hole, ½R²(θ − 2β) − h(√(R² − h²) − h ÷ tan ½θ) with h half the gap and sin β = h ÷ R. Less what
     * round corners take.
     */
    public function area(): float
    {
        $sweep = deg2rad($this->sweepDegrees);
        $full = (($this->outerRadius ** 2 - $this->innerRadius ** 2) * $sweep) / 2;
        if ($this->isWhole()) {
            return $full;
        }
        $half = $this->gap / 2;
        $outer = $this->edgeDegrees($this->outerRadius, $half);
        if ($outer === null || 2 * $outer >= $this->sweepDegrees) {
            return 0.0;
        }
        $meet = $this->meet();
        if ($meet > $this->innerRadius) {
            $sharp = ($this->outerRadius ** 2 * ($sweep - 2 * deg2rad($outer))) / 2
                - $half * (sqrt($this->outerRadius ** 2 - $half ** 2) - $half / tan($sweep / 2));
        } else {
            $inner = $this->innerArc();
            $sharp = (($this->outerRadius ** 2 - $inner ** 2) * $sweep) / 2
                - 2 * Strip::area($half, $inner, $this->outerRadius);
        }

        return $sharp - ($this->corner > 0 ? RoundedSector::taken($this) : 0.0);
    }

    /** Where both edges meet, in pixels from the centre; beyond half a turn they never do. */
    public function meet(): float
    {
        return $this->gap > 0 && $this->sweepDegrees <= 180
            ? $this->gap / 2 / max(self::NOTHING, sin(deg2rad($this->sweepDegrees / 2)))
            : 0.0;
    }

    /** Radius of its inner arc: beyond half a turn that of the hole that the gap leaves, where it is larger. */
    public function innerArc(): float
    {
        return $this->sweepDegrees >= 180 ? max($this->innerRadius, $this->gap / 2) : $this->innerRadius;
    }

    /**
     * Does a box lie wholly within the sector?
     *
     * @param float $margin pixels to keep clear of every edge
     */
    public function holds(Point $middle, float $width, float $height, float $margin): bool
    {
        $half = $this->isWhole() ? 0.0 : $this->gap / 2 + $margin;
        foreach ([[-1, -1], [1, -1], [-1, 1], [1, 1], [0, -1], [0, 1], [-1, 0], [1, 0]] as [$sideways, $upright]) {
            $x = $middle->x + ($sideways * $width) / 2 - $this->centre->x;
            $y = $middle->y + ($upright * $height) / 2 - $this->centre->y;
            $distance = hypot($x, $y);
            if ($distance > $this->outerRadius - $margin || $distance < $this->innerRadius + $margin) {
                return false;
            }
            if ($this->isWhole()) {
                continue;
            }
            $off = Degrees::normalised(rad2deg(atan2($x, -$y)) - $this->fromDegrees);
            $edge = $this->edgeDegrees($distance, $half);
            if ($edge === null || $off < $edge || $off > $this->sweepDegrees - $edge) {
                return false;
            }
        }

        return true;
    }

    private function ring(): string
    {
        $path = (new OutlineBuilder())
            ->moveTo($this->centre->towards($this->fromDegrees, $this->outerRadius))
            ->arc($this->centre, $this->outerRadius, $this->fromDegrees, $this->fromDegrees + 360)
            ->close();
        if ($this->innerRadius > self::NOTHING) {
            $path
                ->moveTo($this->centre->towards($this->fromDegrees, $this->innerRadius))
                ->arc($this->centre, $this->innerRadius, $this->fromDegrees, $this->fromDegrees - 360)
                ->close();
        }

        return $path->pathData();
    }

    /** The way back: along the inner arc, or to the point where the two edges meet. */
    private function inside(OutlineBuilder $path, float $half): void
    {
        $inner = $this->innerArc();
        $edge = $inner > self::NOTHING ? $this->edgeDegrees($inner, $half) : null;
        if ($edge !== null && 2 * $edge < $this->sweepDegrees) {
            $path
                ->lineTo($this->centre->towards($this->toDegrees() - $edge, $inner))
                ->arc($this->centre, $inner, $this->toDegrees() - $edge, $this->fromDegrees + $edge);

            return;
        }
        $path->lineTo($this->centre->towards($this->middleDegrees(), $this->meet()));
    }

    private function edgeDegrees(float $distance, float $half): ?float
    {
        return $half > $distance ? null : rad2deg(asin($distance > 0 ? $half / $distance : 0.0));
    }
}
