<?php

declare(strict_types=1);

namespace App\Film;

use App\Desk\ComputedPiece;
use App\Desk\PlacedPiece;
use App\Voice\SoundStore;
use Lupine\Core\Papers\Alternative;

/** Films, frames and pictures that play without end: what ffmpeg makes of painted frames. */
final readonly class FilmMaker implements Maker
{
    public function __construct(
        private ComputedPiece $computed,
        private Renderer $renderer,
        private SoundStore $sounds,
    ) {
    }

    public function make(
        PlacedPiece $placed,
        FileOrder $order,
        string $target,
        string $name,
        \Closure $progress,
    ): bool {
        $sound = $order->withSound ? FilmSound::of($placed->piece, $order->range, $this->sounds) : null;
        $reels = $this->computed->filmReels(
            $placed,
            $order->range,
            $order->kind->traits()->hasShutter,
            static fn (): bool => $progress(null),
        );

        $short = Alternative::of($placed->piece, $this->computed->timings($placed))->short;
        $told = Told::of($placed->piece, $order, $short);

        return $this->renderer->film($reels, $target, $order, $sound, $progress, $told);
    }
}
