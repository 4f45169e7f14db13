<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

/** Whether something stands where the arrangement puts it, or where a hand did. */
final readonly class PlacedBy
{
    public const WORDS = ['hand' => 'By hand', 'rule' => 'By the arrangement'];
    public const NOTE = 'hand: where it is told here; rule: where the arrangement puts it';
}
