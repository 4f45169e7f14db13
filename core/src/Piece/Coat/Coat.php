<?php

declare(strict_types=1);

namespace Lupine\Core\Piece\Coat;

/** One layer of a finish. */
interface Coat
{
    /** Whether there is anything of it to see. */
    public function isSeen(): bool;

    /** Whether anything of it moves by itself. */
    public function isLooping(): bool;
}
