<?php

declare(strict_types=1);

namespace Lupine\Core\Form\Ribbon;

use Lupine\Core\Geometry\ArcChain;

/** The place of one figure on its curve, in pixels along it. */
final readonly class Band
{
    /** @param float $whole how long the whole, or the full scale, is */
    public function __construct(public ArcChain $chain, public float $from, public float $to, public float $whole)
    {
    }

    public function length(): float
    {
        return $this->to - $this->from;
    }
}
