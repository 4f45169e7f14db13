<?php

declare(strict_types=1);

namespace Lupine\Core\Lettering;

use Lupine\Core\Geometry\Box;

/** A title at an axis: below the chart, or upright to the left of it. */
final readonly class AxisTitle
{
    public function __construct(public string $text, public Box $box, public bool $isUpright)
    {
    }
}
