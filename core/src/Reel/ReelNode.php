<?php

declare(strict_types=1);

namespace Lupine\Core\Reel;

/**
 * A part of a reel: a group, an outline or a text. Its index is its number in depth-first order, by which tracks name
 * it. A property that has a track is written as it is on the reel's first frame.
 */
interface ReelNode
{
}
