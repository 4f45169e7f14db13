<?php

declare(strict_types=1);

namespace Lupine\Core\Piece;

use Lupine\Core\Settings\BadPiece;
use Lupine\Core\Settings\Field;

/** Checks that the ids in one list differ. */
final readonly class Unique
{
    /**
     * @param list<object{id: string}> $items
     *
     * @throws BadPiece
     */
    public static function ids(array $items, Field $place): void
    {
        $seen = [];
        foreach ($items as $item) {
            if (isset($seen[$item->id])) {
                throw $place->wrong(sprintf('uses the id “%s” twice', $item->id));
            }
            $seen[$item->id] = true;
        }
    }
}
