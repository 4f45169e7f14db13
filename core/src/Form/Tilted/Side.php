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
        public float $left,
        public float $right,
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
        if ($this->kind === Face::CUT) {
            $corners = [
                $view->point($this->begin),
                $view->point($this->end),
                $view->point($this->end, 1.0),
                $view->point($this->begin, 1.0),
            ];
            // Clockwise, whichever way it lies.
            $corners = $this->end->x >= $this->begin->x ? $corners : array_reverse($corners);
            $points = array_map(self::written(...), $corners);

            return new Face(
                $this->figureId,
                $this->kind,
                'M'.implode('L', $points).'Z',
                $corners[0],
                $corners[1],
                [[0.0, $this->normalDegrees]],
            );
        }
        $radii = Decimal::of($this->radius).' '.Decimal::of($this->radius * $view->flat).' 0 0 ';
        // From left to right along the top, and back along the foot: in front that is against the clock.
        [$first, $last] = $this->begin->x <= $this->end->x ? [$this->begin, $this->end] : [$this->end, $this->begin];
        [$there, $back] = $this->kind === Face::WALL ? ['0', '1'] : ['1', '0'];
        $outline = 'M'.self::written($view->point($first))
            .'A'.$radii.$there.' '.self::written($view->point($this->middle))
            .'A'.$radii.$there.' '.self::written($view->point($last))
            .'L'.self::written($view->point($last, 1.0))
            .'A'.$radii.$back.' '.self::written($view->point($this->middle, 1.0))
            .'A'.$radii.$back.' '.self::written($view->point($first, 1.0)).'Z';
        $normals = [];
        for ($stretch = 0; $stretch <= self::STRETCHES; ++$stretch) {
            $part = $stretch / self::STRETCHES;
            $degrees = rad2deg(asin(2 * $part - 1));
            // A wall looks away from the middle, an inner one towards it.
            $normals[] = [$part, 180 - $degrees];
        }
        if ($this->kind === Face::INNER) {
            $normals = array_map(static fn (array $one): array => [$one[0], 360 - $one[1]], $normals);
        }
        $middle = $view->point($this->centre);

        return new Face(
            $this->figureId,
            $this->kind,
            $outline,
            new Point($middle->x - $this->radius, $middle->y),
            new Point($middle->x + $this->radius, $middle->y),
            $normals,
        );
    }

    private static function written(Point $point): string
    {
        return Decimal::of($point->x).' '.Decimal::of($point->y);
    }
}
