<?php

declare(strict_types=1);

namespace Lupine\Core\Labels;

use Lupine\Core\Geometry\Point;

/** Where a label stands. */
final readonly class Place
{
    /**
     * @param Point $middle of what it stands in
     * @param bool $isThere false where there is no room for it
     * @param Point|null $elbow where a line from its mark bends toward it; null where it needs none
     */
    public function __construct(public Point $middle, public bool $isThere = true, public ?Point $elbow = null)
    {
    }
}
