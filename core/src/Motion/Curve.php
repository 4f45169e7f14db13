<?php

declare(strict_types=1);

namespace Lupine\Core\Motion;

/** A timing curve: how far a move has come when a part of its time has passed. */
interface Curve
{
    /**
     * @param float $time 0 to 1
     *
     * @return float 1 at 1; in between it may pass 0 and 1 where the curve does
     */
    public function at(float $time): float;
}
