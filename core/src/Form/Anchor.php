<?php

declare(strict_types=1);

namespace Lupine\Core\Form;

use Lupine\Core\Geometry\Point;

/** A point that words are set at, and how they stand to it. */
final readonly class Anchor
{
    /**
     * @param string $align left, middle or right: which part of the words stands on the point
     * @param float|null $room pixels that the words may be wide; null: any
     */
    public function __construct(public Point $point, public string $align, public ?float $room = null)
    {
    }
}
