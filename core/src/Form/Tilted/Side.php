<?php

declare(strict_types=1);

namespace Lupine\Core\Form\Tilted;

use Lupine\Core\Form\Face;
use Lupine\Core\Geometry\Decimal;
use Lupine\Core\Geometry\Point;
use Lupine\Core\Geometry\Sector;

/**
 * A side that is turned towards the viewer, as the curve that it stands on in the plan. To every x there is one y, so
 * of two that do not cross one is wholly nearer wherever both are.
 */
final readonly class Side
{
    /** stretches into which the way around a wall is divided to tell where it looks to */
    private const STRETCHES = 8;

    private const NOTHING = 1e-9;

    /** pixels of the stage by which a side goes on under its top, so that nothing shows between their smoothed edges */
    private const TUCK = 1.2;

    private function __construct(
        public string $figureId,
        public string $kind,
        private Point $centre,
        /** of a wall; 0 for a cut */
        private float $radius,
        private Point $begin,
        private Point $middle,
        private Point $end,
        private float $normalDegrees,
        private Sector $sector,
        public float $left,
        public float $right,
        private bool $isLeftTucked = false,
        private bool $isRightTucked = false,
    ) {
    }

    /**
     * @param float $fromDegrees from the right to the left of the front for a wall, from the left to the right of the
     *                           back for an inner one
     */
    public static function round(string $figureId, string $kind, Sector $sector, float $fromDegrees, float $to): self
    {
        $radius = $kind === Face::WALL ? $sector->outerRadius : $sector->innerRadius;
        $begin = $sector->centre->towards($fromDegrees, $radius);
        $end = $sector->centre->towards($to, $radius);

        return new self(
            $figureId,
            $kind,
            $sector->centre,
            $radius,
            $begin,
            $sector->centre->towards(($fromDegrees + $to) / 2, $radius),
            $end,
            0.0,
            $sector,
            min($begin->x, $end->x),
            max($begin->x, $end->x),
        );
    }

    public static function cut(string $figureId, Sector $sector, float $degrees, float $normalDegrees): self
    {
        $begin = $sector->centre->towards($degrees, $sector->innerRadius);
        $end = $sector->centre->towards($degrees, $sector->outerRadius);

        return new self(
            $figureId,
            Face::CUT,
            $sector->centre,
            0.0,
            $begin,
            $begin,
            $end,
            $normalDegrees,
            $sector,
            min($begin->x, $end->x),
            max($begin->x, $end->x),
        );
    }

    /** Where it stands in the plan at an x between its left and its right. */
    public function yAt(float $x): float
    {
        if ($this->kind === Face::CUT) {
            $wide = $this->end->x - $this->begin->x;

            return abs($wide) < self::NOTHING
                ? max($this->begin->y, $this->end->y)
                : $this->begin->y + (($this->end->y - $this->begin->y) * ($x - $this->begin->x)) / $wide;
        }
        $deep = sqrt(max(0.0, $this->radius ** 2 - ($x - $this->centre->x) ** 2));

        return $this->centre->y + ($this->kind === Face::WALL ? $deep : -$deep);
    }

    /** Below zero where it is farther than another, above where it is nearer; 0 where no x has both. */
    public function against(self $other): int
    {
        $left = max($this->left, $other->left);
        $right = min($this->right, $other->right);
        if ($right - $left < 1e-6) {
            return 0;
        }
        $middle = ($left + $right) / 2;
        $off = $this->yAt($middle) - $other->yAt($middle);

        return abs($off) < 1e-6 ? 0 : $off <=> 0.0;
    }

    public function face(View $view): Face
    {
        // From left to right along the top, and back along the foot: clockwise.
        [$first, $last] = $this->end->x >= $this->begin->x ? [$this->begin, $this->end] : [$this->end, $this->begin];
        $foot = self::written($view->point($last, 1.0)).$this->way($this->middle, $first, $view, 1.0, false);
        $top = $this->way($this->middle, $last, $view, 0.0, true);
        $under = $this->way($this->tucked($this->middle, $view), $this->tucked($last, $view), $view, 0.0, true);
        $corner = self::written($view->point($first));
        $isCut = $this->kind === Face::CUT;
        $middle = $view->point($this->centre);

        return new Face(
            $this->figureId,
            $this->kind,
            'M'.$corner.$top.'L'.$foot.'Z',
            $isCut ? $view->point($first) : new Point($middle->x - $this->radius, $middle->y),
            $isCut ? $view->point($last) : new Point($middle->x + $this->radius, $middle->y),
            $isCut ? [[0.0, $this->normalDegrees]] : $this->normals(),
            'M'.$corner.'L'.self::written($view->point($this->tucked($first, $view))).$under
                .'L'.self::written($view->point($last)).($this->isRightTucked ? self::strip($last, $view, 1, true) : '')
                .'L'.$foot.($this->isLeftTucked ? self::strip($first, $view, -1, false) : '').'Z',
        );
    }

    /** A little beyond an upright edge, from its top to its foot or back. */
    private static function strip(Point $end, View $view, int $way, bool $isDown): string
    {
        $heights = array_map(static fn (float $down): string => 'L'.self::written(new Point(
            $view->point($end, $down)->x + $way * self::TUCK,
            $view->point($end, $down)->y,
        )), [0.0, 1.0]);

        return implode('', $isDown ? $heights : array_reverse($heights));
    }

    /** Whether one that is painted later goes on where this one ends, on its left or on its right. */
    public function isMetBy(self $other, int $way): bool
    {
        [$own, $its] = $way < 0 ? [$this->outermost(-1), $other->outermost(1)]
            : [$this->outermost(1), $other->outermost(-1)];

        return $own->distanceTo($its) < 1e-6;
    }

    /** The same, going on a little under those that are painted later. */
    public function tuckedIn(bool $left, bool $right): self
    {
        return new self(
            $this->figureId,
            $this->kind,
            $this->centre,
            $this->radius,
            $this->begin,
            $this->middle,
            $this->end,
            $this->normalDegrees,
            $this->sector,
            $this->left,
            $this->right,
            $left,
            $right,
        );
    }

    private function outermost(int $way): Point
    {
        return ($this->begin->x <=> $this->end->x) === $way ? $this->begin : $this->end;
    }

    /** @return list<array{float, float}> where it looks to, from its left to its right */
    private function normals(): array
    {
        $normals = [];
        for ($stretch = 0; $stretch <= self::STRETCHES; ++$stretch) {
            $part = $stretch / self::STRETCHES;
            $degrees = 180 - rad2deg(asin(2 * $part - 1));
            // A wall looks away from the middle, an inner one towards it.
            $normals[] = [$part, $this->kind === Face::INNER ? 360 - $degrees : $degrees];
        }

        return $normals;
    }

    /**
     * Path data from where one is to the end of an edge: straight, or around by its middle.
     *
     * @param float $down 0 at the top, 1 at the foot
     * @param bool $isToTheRight in front, that is against the clock
     */
    private function way(Point $middle, Point $end, View $view, float $down, bool $isToTheRight): string
    {
        if ($this->kind === Face::CUT) {
            return 'L'.self::written($view->point($end, $down));
        }
        $radius = $this->centre->distanceTo($middle);
        $arc = 'A'.Decimal::of($radius).' '.Decimal::of($radius * $view->flat).' 0 0 '
            .($isToTheRight === ($this->kind === Face::WALL) ? '0' : '1').' ';

        return $arc.self::written($view->point($middle, $down)).$arc.self::written($view->point($end, $down));
    }

    /** A point of its upper edge, a little into the top, and never beyond half of what the part is there. */
    private function tucked(Point $point, View $view): Point
    {
        $far = $this->centre->distanceTo($point);
        $by = self::TUCK / max(0.05, $view->flat);
        if ($this->kind === Face::CUT) {
            $room = $far * sin(deg2rad(min(180.0, $this->sector->sweepDegrees) / 2));

            return $point->towards($this->normalDegrees, -min($by, $room));
        }
        $by = min($by, ($this->sector->outerRadius - $this->sector->innerRadius) / 2);
        $to = $far + ($this->kind === Face::WALL ? -$by : $by);

        return new Point(
            $this->centre->x + (($point->x - $this->centre->x) * $to) / max(self::NOTHING, $far),
            $this->centre->y + (($point->y - $this->centre->y) * $to) / max(self::NOTHING, $far),
        );
    }

    private static function written(Point $point): string
    {
        return Decimal::of($point->x).' '.Decimal::of($point->y);
    }
}
