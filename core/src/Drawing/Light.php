<?php

declare(strict_types=1);

namespace Lupine\Core\Drawing;

use Lupine\Core\Motion\Track;

/** A light on a line, which fades from its middle to both ends. */
final readonly class Light
{
    /**
     * @param Track<float> $length pixels from end to end
     * @param Track<float> $place of its middle along the line, as a part of the whole way
     */
    public function __construct(public Track $length, public Track $place)
    {
    }
}
