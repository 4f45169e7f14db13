<?php

declare(strict_types=1);

namespace Lupine\Core\Geometry;

/** Two circular arcs that lead from one point and direction to another. */
final readonly class Biarc
{
    /**
     * Both control lengths are the same, d: |v|² + 2 d (v · (t₁ + t₂)) … solved as in any textbook on biarcs: with
     * v = p₂ − p₁ and t = t₁ + t₂, 2 d² (1 − t₁·t₂) + 2 d (v·t) − v·v = 0.
     *
     * @param array{Point, float} $from point and heading in radians
     * @param array{Point, float} $to
     *
     * @return list<array{float, float}> lengths in pixels and curvatures in radians a pixel
     */
    public static function between(array $from, array $to): array
    {
        [[$first, $heading], [$last, $lastHeading]] = [$from, $to];
        $vx = $last->x - $first->x;
        $vy = $last->y - $first->y;
        $square = $vx ** 2 + $vy ** 2;
        if ($square < 1e-18) {
            return [];
        }
        [$ax, $ay, $bx, $by] = [cos($heading), sin($heading), cos($lastHeading), sin($lastHeading)];
        $along = $vx * ($ax + $bx) + $vy * ($ay + $by);
        $turned = 2 * (1 - ($ax * $bx + $ay * $by));
        $control = abs($turned) < 1e-12
            ? $square / max(1e-12, 2 * $along)
            : (-$along + sqrt($along ** 2 + $turned * $square)) / $turned;
        $joint = new Point(
            ($first->x + $last->x + $control * ($ax - $bx)) / 2,
            ($first->y + $last->y + $control * ($ay - $by)) / 2,
        );
        [$length, $curvature] = self::arc($joint->x - $first->x, $joint->y - $first->y, $ax, $ay);
        // The second one is found backwards, from its end.
        [$second, $back] = self::arc($joint->x - $last->x, $joint->y - $last->y, -$bx, -$by);

        return [[$length, $curvature], [$second, -$back]];
    }

    /**
     * The arc that leaves in a direction and ends a vector away.
     *
     * @return array{float, float}
     */
    private static function arc(float $x, float $y, float $directionX, float $directionY): array
    {
        $chord = hypot($x, $y);
        if ($chord < 1e-12) {
            return [0.0, 0.0];
        }
        $half = atan2($directionX * $y - $directionY * $x, $directionX * $x + $directionY * $y);
        $length = abs($half) < 1e-9 ? $chord : ($chord * $half) / sin($half);

        return [$length, (2 * $half) / $length];
    }
}
