<?php

declare(strict_types=1);

namespace Lupine\Core\Desk;

/** A change of one property; its id is that of its move in the document. */
final readonly class SheetChange extends MoveAndMore
{
    public function __construct(
        SheetMove $move,
        public string $property,
    ) {
        parent::__construct($move);
    }
}
