<?php

declare(strict_types=1);

namespace App\Models;

/** Somebody else, or another tab, changed the piece in the meantime. */
final class VersionConflict extends \RuntimeException
{
    public function __construct(public readonly Piece $piece)
    {
        parent::__construct('This piece was changed in another tab since you opened it.');
    }

    public function render(): \Illuminate\Http\JsonResponse
    {
        return response()->json(
            [
                'message' => $this->getMessage(),
                'where' => 'version',
                'piece' => \App\Http\PieceAnswer::of($this->piece),
            ],
            412,
            [],
            JSON_UNESCAPED_UNICODE,
        );
    }

    public function report(): bool
    {
        return true;
    }
}
