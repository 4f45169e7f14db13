<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Desk\ComputedPiece;
use App\Film\StillPainter;
use App\Http\AskedFrame;
use App\Http\Attachment;
use App\Models\Piece;
use App\Papers\Paper;
use Illuminate\Http\Request;
use Lupine\Core\Motion\FrameRange;
use Symfony\Component\HttpFoundation\Response;

/** Files that are made at once, from the piece as it is now. */
final readonly class PaperController
{
    public function show(
        Request $request,
        Piece $piece,
        Paper $paper,
        ComputedPiece $computed,
        StillPainter $painter,
    ): Response {
        $shape = $request->query('shape');
        $placed = $computed->read($piece->documentText(), is_string($shape) && $shape !== '' ? $shape : null);
        $range = FrameRange::within(
            $placed->piece->stage->frames,
            AskedFrame::of($request, 'from'),
            AskedFrame::of($request, 'to'),
        );

        return response($paper->write($computed, $placed, $range, $painter), 200, [
            'Content-Type' => $paper->contentType(),
            'Content-Disposition' => Attachment::of($placed, $paper->ending()),
        ]);
    }
}
