<?php

declare(strict_types=1);

namespace Lupine\Core\Form;

use Lupine\Core\Geometry\Point;

/** Free room for words about a point. */
final readonly class Room
{
    public function __construct(public Point $middle, public float $width)
    {
    }
}
