<?php

declare(strict_types=1);

namespace Lupine\Core\Motion;

/** A curve over a number of frames. Moves that go alike share one, so that the curve is solved once for all of them. */
final class Pace
{
    /** @var array<int, float> */
    private array $known = [];

    /** @param int $frames at least 1 */
    public function __construct(public readonly Curve $curve, public readonly int $frames)
    {
    }

    /**
     * @param int $passed whole frames since the move began; before it nothing has happened, and after it all has
     *
     * @return float how far the move has come, as its curve says
     */
    public function after(int $passed): float
    {
        return $this->known[$passed] ??= $this->curve->at(max(0.0, min(1.0, $passed / $this->frames)));
    }
}
