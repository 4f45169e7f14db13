<?php

declare(strict_types=1);

namespace App\Api;

/** A change of one property; its id is that of its move in the document. */
final readonly class SheetChange extends SheetMove
{
    public function __construct(
        SheetMove $move,
        public string $property,
    ) {
        parent::__construct(...get_object_vars($move));
    }
}
