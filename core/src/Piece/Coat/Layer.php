<?php

declare(strict_types=1);

namespace Lupine\Core\Piece\Coat;

/** What coats have in common: they can be off, and most stand still by themselves. */
trait Layer
{
    public function isSeen(): bool
    {
        return !$this->isOff;
    }

    public function isLooping(): bool
    {
        return false;
    }
}
