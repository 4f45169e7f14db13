<?php

declare(strict_types=1);

namespace Lupine\Core\Labels;

use Lupine\Core\Geometry\Box;
use Lupine\Core\Geometry\Point;

/** What is around a chart on the stage: the bounds of words, and all that they may not stand over. */
final readonly class Surroundings
{
    /**
     * @param Box $safe where graphics and titles are seen on every screen
     * @param list<Box> $obstacles other words and other charts
     */
    public function __construct(public Box $stage, public Box $safe, public array $obstacles)
    {
    }

    /**
     * The same as it is seen from within a chart that stands at a place and is scaled about it.
     *
     * @param Box $extent what the chart's marks lie in, in its own pixels
     */
    public function from(Point $place, float $size, Box $extent): self
    {
        $mapped = static fn (Box $box): Box => new Box(
            $place->x + ($box->left - $place->x) / $size,
            $place->y + ($box->top - $place->y) / $size,
            $box->width / $size,
            $box->height / $size,
        );
        $safe = $mapped($this->safe);
        $stage = $mapped($this->stage);

        // A chart that leaves the safe area itself takes its words along.
        return new self(
            $stage,
            $safe->surrounds($extent) ? $safe : $stage,
            array_map($mapped, $this->obstacles),
        );
    }
}
