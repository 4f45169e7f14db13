<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

/** Whether something stands where the arrangement puts it, or where a hand did; a hand, where nothing is said. */
final readonly class PlacedBy
{
    /** @throws BadPiece */
    public static function rule(Field $field): bool
    {
        return $field->get('placedBy')->oneOf(['hand', 'rule'], 'hand') === 'rule';
    }
}
