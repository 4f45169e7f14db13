<?php

declare(strict_types=1);

namespace App\Http;

use App\Api\SavedPiece;
use App\Api\StoredPiece;
use App\Models\Piece;
use Illuminate\Http\JsonResponse;

/** A stored piece as the desk receives it. */
final class PieceAnswer
{
    /** With the version as its ETag, for the next `If-Match`. */
    public static function response(Piece $piece, int $status = 200): JsonResponse
    {
        return Reply::of(self::of($piece), $status, ['ETag' => '"'.$piece->version.'"']);
    }

    /**
     * After a save: the version that it led to, without the document, which whoever saved has. Where a save that was
     * kept before came again and the piece has gone on since, the next change is made on that version, and learns then
     * that there is another.
     */
    public static function ofSave(Piece $piece, int $version): JsonResponse
    {
        $saved = new SavedPiece($piece->id, $version, $piece->canUndo(), $piece->canRedo());

        return Reply::of($saved, 200, ['ETag' => '"'.$version.'"']);
    }

    public static function of(Piece $piece): StoredPiece
    {
        return new StoredPiece(
            $piece->id,
            $piece->version,
            $piece->lastSave(),
            $piece->canUndo(),
            $piece->canRedo(),
            $piece->updated_at?->toIso8601String(),
            $piece->document(),
        );
    }
}
