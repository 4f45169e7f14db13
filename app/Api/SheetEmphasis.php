<?php

declare(strict_types=1);

namespace App\Api;

/** A part that stands out, until it lets go. */
final readonly class SheetEmphasis extends SheetMove
{
    public function __construct(
        SheetMove $move,
        public int $letsGo,
    ) {
        parent::__construct(...get_object_vars($move));
    }
}
