<?php

declare(strict_types=1);

namespace Lupine\Core\Labels;

/** All labels of a chart in their places, and how large they are there. */
final readonly class Placing
{
    /**
     * @param array<string, Place> $places by figure id
     * @param float $factor of their size
     * @param bool $isSpread whether they had to leave the places that they would have alone
     */
    public function __construct(public array $places, public float $factor, public bool $isSpread)
    {
    }
}
