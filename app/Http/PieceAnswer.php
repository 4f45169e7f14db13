<?php

declare(strict_types=1);

namespace App\Http;

use App\Models\Piece;

/** A stored piece as the desk receives it. */
final class PieceAnswer
{
    /** @return array<string, mixed> */
    public static function of(Piece $piece): array
    {
        return [
            'id' => $piece->id,
            'version' => $piece->version,
            'canUndo' => $piece->canUndo(),
            'canRedo' => $piece->canRedo(),
            'updatedAt' => $piece->updated_at?->toIso8601String(),
            'document' => $piece->document(),
        ];
    }
}
