<?php

declare(strict_types=1);

namespace App\Film;

use App\Desk\PlacedPiece;
use App\Voice\SoundStore;

/** The narrator alone. */
final readonly class SoundMaker implements Maker
{
    public function __construct(private SoundStore $sounds)
    {
    }

    public function make(
        PlacedPiece $placed,
        FileOrder $order,
        string $target,
        string $name,
        \Closure $progress,
    ): bool {
        $sound = FilmSound::of($placed->piece, $order->range, $this->sounds) ?? throw FilmSound::nothing();
        $sound->write($target, $name);

        return true;
    }
}
