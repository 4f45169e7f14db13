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
        return $this->walk($piece, -1, WantedVersion::of($request), 'There is nothing left to undo.');
    }

    public function redo(Request $request, Piece $piece): JsonResponse
    {
        return $this->walk($piece, 1, WantedVersion::of($request), 'There is nothing to redo.');
    }

    private function walk(Piece $piece, int $steps, ?int $version, string $otherwise): JsonResponse
    {
        if (!$piece->walk($steps, $version)) {
            return Refusal::answer($otherwise, 409);
        }

        return PieceAnswer::response($piece);
    }
}
