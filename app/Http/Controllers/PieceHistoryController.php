<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\PieceAnswer;
use App\Http\Refusal;
use App\Http\WantedVersion;
use App\Models\Piece;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final readonly class PieceHistoryController
{
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
        return $piece->walk($direction, WantedVersion::of($request, $piece))
            ? PieceAnswer::response($piece)
            : Refusal::answer($otherwise, 409);
    }
}
