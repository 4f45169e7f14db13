<?php

declare(strict_types=1);

namespace App\Models;

use App\Api\Conflict;
use App\Http\PieceAnswer;
use App\Http\Reply;

/** Somebody else, or another tab, changed the piece in the meantime. */
final class VersionConflict extends \RuntimeException
{
    public function __construct(public readonly Piece $piece)
    {
        parent::__construct('This piece was changed in another tab since you opened it.');
    }

    public function render(): \Illuminate\Http\JsonResponse
    {
        return Reply::of(new Conflict($this->getMessage(), PieceAnswer::of($this->piece)), 412);
    }

    public function report(): bool
    {
        return true;
    }
}
