<?php

declare(strict_types=1);

namespace Lupine\Core\Desk;

/** A part that stands out, until it lets go. */
final readonly class SheetEmphasis extends MoveAndMore
{
    public function __construct(
        SheetMove $move,
        public int $letsGo,
    ) {
        parent::__construct($move);
    }
}
