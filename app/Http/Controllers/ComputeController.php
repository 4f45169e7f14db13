<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Desk\ComputedPiece;
use App\Http\Requests\DocumentRequest;
use Illuminate\Http\JsonResponse;

final readonly class ComputeController
{
    public function __construct(private ComputedPiece $computed)
    {
    }

    /**
     * Figures understood, problems and the reel: all of it, or the frames around the playhead where the piece is long.
     */
    public function compute(DocumentRequest $request): JsonResponse
    {
        $piece = $request->piece();
        $frame = $request->integer('frame');
        $near = $request->boolean('near') && $piece->stage->frames > config('lupine.whole_reel_frames');

        return response()->json(
            $this->computed->forDesk($piece, $near ? max(0, $frame - 90) : null, $near ? $frame + 180 : null),
            200,
            [],
            JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
        );
    }

    public function proof(DocumentRequest $request): JsonResponse
    {
        return response()->json($this->computed->proof($request->piece()), 200, [], JSON_UNESCAPED_UNICODE);
    }
}
