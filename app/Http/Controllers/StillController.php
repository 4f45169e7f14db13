<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Desk\ComputedPiece;
use App\Desk\PlacedPiece;
use App\Film\StillPainter;
use App\Http\AskedFrame;
use App\Http\Attachment;
use App\Models\Piece;
use App\Pictures\PictureStore;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Lupine\Core\Drawing\Effort;
use Lupine\Core\Formats\Svg;
use Lupine\Core\Motion\FrameRange;
use Lupine\Core\Papers\Alternative;

final readonly class StillController
{
    public function __construct(private ComputedPiece $computed, private PictureStore $pictures)
    {
    }

    /** The reel, or a range of its frames; of a large piece as many of them as are computed at once. */
    public function reel(Request $request, Piece $piece): Response
    {
        $placed = $this->placed($request, $piece);
        $frames = $placed->piece->stage->frames;
        $range = FrameRange::within($frames, AskedFrame::of($request, 'from'), AskedFrame::of($request, 'to'));
        $effort = $this->computed->effort($placed);
        if ($effort->within($range) > Effort::AT_ONCE) {
            $range = FrameRange::within(
                $frames,
                $range->from,
                min($range->to, $effort->rangeAround($range->from)->to),
            );
        }

        return response($this->computed->reelText($placed, $range), 200, [
            'Content-Type' => 'application/json',
        ]);
    }

    public function svg(Request $request, Piece $piece): Response
    {
        $placed = $this->placed($request, $piece);
        $frame = self::frame($request, $placed);

        return response(Svg::ofFrame(
            $this->computed->draw($placed, $frame, $frame),
            $frame,
            $piece->title,
            $this->pictures->dataUri(...),
            Alternative::of($placed->piece, $this->computed->timings($placed))->short,
        ), 200, [
            'Content-Type' => 'image/svg+xml',
            'Content-Disposition' => Attachment::of($placed, sprintf('-%05d.svg', $frame)),
        ]);
    }

    public function png(Request $request, Piece $piece, StillPainter $painter): Response
    {
        $placed = $this->placed($request, $piece);
        $frame = self::frame($request, $placed);
        $reel = $this->computed->filmedFrame($placed, $frame);

        return response($painter->paint($reel, $frame), 200, [
            'Content-Type' => 'image/png',
            'Content-Disposition' => Attachment::of($placed, sprintf('-%05d.png', $frame)),
        ]);
    }

    /** A frame after the end is the last one. */
    private static function frame(Request $request, PlacedPiece $placed): int
    {
        return min(AskedFrame::of($request, 'frame') ?? 0, $placed->piece->stage->frames - 1);
    }

    /** In the shape that the query names, or on the piece's own stage. */
    private function placed(Request $request, Piece $piece): PlacedPiece
    {
        $shape = $request->query('shape');

        return $this->computed->read($piece->documentText(), is_string($shape) && $shape !== '' ? $shape : null);
    }
}
