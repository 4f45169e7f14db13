<?php

declare(strict_types=1);

namespace Lupine\Core\Reel;

/** What stands once among the definitions of an SVG, and is referred to. */
interface Defined
{
    /**
     * @param string $id by which it is referred to
     * @param int $width of the stage, in pixels
     * @param int $height of the stage, in pixels
     */
    public function svg(string $id, int $width, int $height): string;
}
