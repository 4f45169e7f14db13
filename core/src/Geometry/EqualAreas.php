<?php

declare(strict_types=1);

namespace Lupine\Core\Geometry;

/**
 * Sectors between gaps of one width whose visible areas, not their angles, are in proportion.
 *
 * What is seen of a sector grows with its angle, so angles are found from areas step by step (see Root).
 */
final readonly class EqualAreas
{
    /** degrees: more is a whole ring */
    private const MOST = 360.0 - 1e-6;

    private function __construct(
        private float $outer,
        private float $inner,
        private float $half,
        public float $corner,
        public float $all,
    ) {
    }

    /**
     * @param list<float> $shares of the visible area, together 1
     * @param float $gap whole width between neighbours, in pixels
     * @param float $corner radius of round corners, in pixels
     * @param float $sweepDegrees what all parts and gaps cover together
     */
    public static function of(
        float $outer,
        float $inner,
        float $gap,
        float $corner,
        float $sweepDegrees,
        array $shares,
    ): self {
        $areas = static fn (float $all): self => new self($outer, $inner, $gap / 2, $corner, $all);
        $over = static fn (float $all): float => array_sum(
            array_map(static fn (float $share): float => $areas($all)->sweepDegrees($share), $shares),
        ) - $sweepDegrees;
        $pace = self::pace($outer, $inner);
        $guess = $pace * max(0.0, $sweepDegrees - count($shares) * self::least($outer, $gap));

        return $areas(Root::between(0.0, $pace * $sweepDegrees, $guess, 1 / $pace, 1e-11, $over));
    }

    /** Degrees below which nothing is seen of a sector between gaps. */
    private static function least(float $outer, float $gap): float
    {
        return rad2deg(2 * asin(min(1.0, $gap / 2 / $outer)));
    }

    /** Square pixels that a degree more of a sector adds, between the same gaps and corners. */
    private static function pace(float $outer, float $inner): float
    {
        return deg2rad(($outer ** 2 - $inner ** 2) / 2);
    }

    /**
     * Whole width of a gap, in pixels.
     *
     * @param float $grown of a part that opens its place as it comes: so much of it is there, 0 to 1
     */
    public function gap(float $grown = 1.0): float
    {
        return 2 * $this->half * min(1.0, $grown);
    }

    /**
     * The sweep of a part that shows so much of the whole visible area, in degrees.
     *
     * @param float $grown as above; its gap grows along, so that it begins with no sweep at all
     */
    public function sweepDegrees(float $share, float $grown = 1.0): float
    {
        $wanted = $share * $this->all;
        if ($wanted <= 0) {
            return 0.0;
        }
        $gap = $this->gap($grown);
        $area = fn (float $sweep): float => $this->sector($sweep, $gap)->area();
        $off = static fn (float $sweep): float => $area($sweep) - $wanted;
        // What no sector between gaps can hold is one all round, with no gap.
        if ($off(self::MOST) <= 0) {
            return 360.0;
        }
        $pace = self::pace($this->outer, $this->inner);
        $guess = min(self::MOST, $wanted / $pace + self::least($this->outer, $gap));

        return Root::between(0.0, self::MOST, $guess, $pace, 1e-12 * $this->all, $off);
    }

    private function sector(float $sweepDegrees, float $gap): Sector
    {
        return new Sector(new Point(0, 0), $this->outer, $this->inner, 0.0, $sweepDegrees, $gap, $this->corner);
    }
}
