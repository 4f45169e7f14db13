<?php

declare(strict_types=1);

namespace App\Http;

use App\Models\Piece;
use Illuminate\Http\JsonResponse;

/** A stored piece as the desk receives it. */
final class PieceAnswer
{
    /** With the version as its ETag, for the next `If-Match`. */
    public static function response(Piece $piece, int $status = 200): JsonResponse
    {
        return new JsonResponse(self::text($piece), $status, ['ETag' => '"'.$piece->version.'"'], json: true);
    }

    /**
     * After a save: the version that it led to, without the document, which whoever saved has. Where a save that was
     * kept before came again and the piece has gone on since, the next change is made on that version, and learns then
     * that there is another.
     */
    public static function ofSave(Piece $piece, int $version): JsonResponse
    {
        return new JsonResponse(
            ['id' => $piece->id, 'version' => $version, 'canUndo' => $piece->canUndo(), 'canRedo' => $piece->canRedo()],
            200,
            ['ETag' => '"'.$version.'"'],
        );
    }

    public static function text(Piece $piece): string
    {
        return json_encode(
            self::of($piece),
            JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
        );
    }

    /** @return array<string, mixed> */
    public static function of(Piece $piece): array
    {
        return [
            'id' => $piece->id,
            'version' => $piece->version,
            'save' => $piece->lastSave(),
            'canUndo' => $piece->canUndo(),
            'canRedo' => $piece->canRedo(),
            'updatedAt' => $piece->updated_at?->toIso8601String(),
            'document' => $piece->document(),
        ];
    }
}
