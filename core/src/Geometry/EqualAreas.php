<?php

declare(strict_types=1);

namespace Lupine\Core\Geometry;

/**
 * Sectors between gaps of one width whose visible areas, not their angles, are in proportion.
 *
 * Visible is ½(R² − r²)θ less a strip along each edge (see Strip), and where the edges of a thin part meet before the
 * hole, ½R²(θ − 2β) − h(√(R² − h²) − h ÷ tan ½θ) with sin β = h ÷ R. Both grow with θ, so angles are found by halving.
 */
final readonly class EqualAreas
{
    private const ROUNDS = 60;

    private function __construct(private float $outer, private float $inner, private float $half, public float $all)
    {
    }

    /**
     * @param list<float> $shares of the visible area, together 1
     * @param float $gap whole width between neighbours, in pixels
     * @param float $sweepDegrees what all parts and gaps cover together
     */
    public static function of(float $outer, float $inner, float $gap, float $sweepDegrees, array $shares): self
    {
        $low = 0.0;
        $high = (($outer ** 2 - $inner ** 2) / 2) * deg2rad($sweepDegrees);
        for ($round = 0; $round < self::ROUNDS; ++$round) {
            $areas = new self($outer, $inner, $gap / 2, ($low + $high) / 2);
            $sweep = array_sum(array_map(static fn (float $share): float => $areas->sweepDegrees($share), $shares));
            [$low, $high] = $sweep < $sweepDegrees ? [$areas->all, $high] : [$low, $areas->all];
        }

        return new self($outer, $inner, $gap / 2, ($low + $high) / 2);
    }

    /** Whole width of a gap, in pixels. */
    public function gap(): float
    {
        return 2 * $this->half;
    }

    /** The sweep of a part that shows so much of the whole visible area, in degrees. */
    public function sweepDegrees(float $share): float
    {
        $wanted = $share * $this->all;
        if ($wanted <= 0) {
            return 0.0;
        }
        $sweep = ($wanted + 2 * Strip::area($this->half, $this->inner, $this->outer))
            / (($this->outer ** 2 - $this->inner ** 2) / 2);
        $isOpen = $this->half <= $this->inner * sin(min($sweep, M_PI) / 2);
        if ($sweep < M_PI && $isOpen) {
            return rad2deg($sweep);
        }
        [$low, $high] = [0.0, 2 * M_PI];
        for ($round = 0; $round < self::ROUNDS; ++$round) {
            $middle = ($low + $high) / 2;
            [$low, $high] = $this->area($middle) < $wanted ? [$middle, $high] : [$low, $middle];
        }

        return rad2deg(($low + $high) / 2);
    }

    /** What a part of a sweep in radians shows, in square pixels. */
    private function area(float $sweep): float
    {
        $beside = asin(min(1.0, $this->half / $this->outer));
        if ($sweep <= 2 * $beside) {
            return 0.0;
        }
        $meets = $sweep < M_PI ? $this->half / sin($sweep / 2) : 0.0;
        if ($meets > $this->inner) {
            return ($this->outer ** 2 * ($sweep - 2 * $beside)) / 2
                - $this->half * (sqrt($this->outer ** 2 - $this->half ** 2) - $this->half / tan($sweep / 2));
        }
        $inner = $sweep >= M_PI ? max($this->inner, $this->half) : $this->inner;

        return (($this->outer ** 2 - $inner ** 2) * $sweep) / 2 - 2 * Strip::area($this->half, $inner, $this->outer);
    }
}
