<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Api\MadeAlternative;
use App\Desk\ComputedPiece;
use App\Desk\PlacedPiece;
use App\Http\Body;
use App\Http\Reply;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Lupine\Core\Drawing\Effort;
use Lupine\Core\Papers\Alternative;
use Lupine\Core\Piece\Stage;
use Symfony\Component\HttpFoundation\StreamedResponse;

final readonly class ComputeController
{
    public function __construct(private ComputedPiece $computed)
    {
    }

    /**
     * Figures understood, problems and the reel: all of it, or around the frame that is asked for where that is much.
     */
    public function compute(Request $request): StreamedResponse
    {
        $body = Body::of($request);
        $frame = $body->get('frame')->whole(0, Stage::MAX_FRAMES, 0);

        $inHurry = $body->get('inHurry')->flag(false);

        $placed = $this->placed($body);

        return Reply::whileWorking(
            fn (\Closure $meanwhile): string => $this->computed->forDesk($placed, $frame, $inHurry, $meanwhile),
        );
    }

    /**
     * What the desk shows after an edit, part by part: the frame of the playhead first. While something is held in the
     * hand that frame is all. Whoever goes away meanwhile is not worked for any longer.
     */
    public function live(Request $request): StreamedResponse
    {
        $body = Body::of($request);
        $frame = $body->get('frame')->whole(0, Stage::MAX_FRAMES);
        $isHeld = $body->get('isHeld')->flag(false);
        $placed = $this->placed($body);

        return Reply::parts($this->computed->live($placed, $frame, $isHeld));
    }

    /** What the figures are on one frame. */
    public function at(Request $request): Response
    {
        $body = Body::of($request);
        $last = $body->piece()->stage->frames - 1;

        return self::json($this->computed->atText($this->placed($body), $body->get('frame')->whole(0, $last)));
    }

    /** The text alternative as it is made from figures and script. */
    public function alternative(Request $request): JsonResponse
    {
        $placed = $this->placed(Body::of($request));
        $made = Alternative::made($placed->piece, $this->computed->timings($placed));

        return Reply::of(new MadeAlternative($made->short, $made->long));
    }

    /** The frames around one of them as they are handed off, with the piece's shutter: as many as are drawn at once. */
    public function filmed(Request $request): StreamedResponse
    {
        $body = Body::of($request);
        $frame = $body->get('frame')->whole(0, Stage::MAX_FRAMES, 0);

        $placed = $this->placed($body);
        $this->computed->effort($placed);

        return Reply::whileWorking(
            fn (\Closure $meanwhile): string => $this->computed->filmedAround($placed, $frame, $meanwhile),
        );
    }

    public function proof(Request $request): StreamedResponse
    {
        $body = Body::of($request);

        $placed = $this->placed($body);
        $this->computed->check($placed, Effort::PROVED_AT_ONCE);

        return Reply::whileWorking(
            fn (\Closure $meanwhile): string => $this->computed->proofText($placed, meanwhile: $meanwhile),
        );
    }

    private function placed(Body $body): PlacedPiece
    {
        $shape = $body->get('shape');

        return $this->computed->placed($body->piece(), $body->documentText(), $shape->isNull() ? null : $shape->id());
    }

    private static function json(string $text): Response
    {
        return response($text, 200, ['Content-Type' => 'application/json']);
    }
}
