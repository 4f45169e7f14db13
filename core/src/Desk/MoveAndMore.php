<?php

declare(strict_types=1);

namespace Lupine\Core\Desk;

/** A move, and what is told of it beside that. */
abstract readonly class MoveAndMore extends SheetMove
{
    public function __construct(SheetMove $move)
    {
        parent::__construct(
            $move->id,
            $move->begin,
            $move->beginText,
            $move->frames,
            $move->pinnedTo,
            $move->curve,
            $move->curvePoints,
            $move->manner,
            $move->opens,
        );
    }
}
