<?php

declare(strict_types=1);

namespace Lupine\Core\Motion;

/** A curve over a number of frames. Moves that go alike share one, so that the curve is solved once for all of them. */
final class Pace
{
    /** parts of a frame that are told apart */
    private const FINE = 1 << 20;

    /** @var array<int, float> */
    private array $known = [];

    /** @param int $frames at least 1 */
    public function __construct(public readonly Curve $curve, public readonly int $frames)
    {
    }

    /**
     * @param float $passed frames since the move began; before it nothing has happened, and after it all has
     *
     * @return float how far the move has come, as its curve says
     */
    public function after(float $passed): float
    {
        return $this->known[(int) ($passed * self::FINE)] ??= $this->curve->at(
            max(0.0, min(1.0, $passed / $this->frames)),
        );
    }
}
