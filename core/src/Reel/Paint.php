<?php

declare(strict_types=1);

namespace Lupine\Core\Reel;

/** What an outline is filled with: one colour, or a paint that stands in the reel once and has a number. */
interface Paint
{
}
