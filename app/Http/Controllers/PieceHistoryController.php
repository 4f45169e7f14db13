<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Body;
use App\Http\PieceAnswer;
use App\Http\Refusal;
use App\Http\WantedVersion;
use App\Models\Piece;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Undo and redo: one step, or several at once where they were asked for faster than they are made. */
final readonly class PieceHistoryController
{
    /** the most steps of one request */
    private const MOST_STEPS = 400;

    public function undo(Request $request, Piece $piece): JsonResponse
    {
        return self::walk($request, $piece, -1, 'There is nothing left to undo.');
    }

    public function redo(Request $request, Piece $piece): JsonResponse
    {
        return self::walk($request, $piece, 1, 'There is nothing to redo.');
    }

    private static function walk(Request $request, Piece $piece, int $direction, string $otherwise): JsonResponse
    {
        $steps = Body::of($request)->get('steps');
        $count = $steps->isNull() ? 1 : $steps->whole(1, self::MOST_STEPS);

        return $piece->walk($direction * $count, WantedVersion::of($request, $piece))
            ? PieceAnswer::response($piece)
            : Refusal::answer($otherwise, 409);
    }
}
