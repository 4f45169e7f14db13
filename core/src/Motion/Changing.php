<?php

declare(strict_types=1);

namespace Lupine\Core\Motion;

/** What is different from one frame to another. */
interface Changing
{
    /** @return list<int> the frames of a range on which it changes */
    public function changes(FrameRange $range): array;
}
