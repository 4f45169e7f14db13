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
        $ranges = $order->parts();
        if (count($ranges) === 1) {
            return $this->painted($placed, $order, $target, $progress);
        }
        $parts = [];
        try {
            foreach ($ranges as $place => $range) {
                $done = array_sum($parts);
                $file = $target.'.part-'.$place;
                $parts[$file] = $range->count();
                $its = static fn (?int $frames): bool => $progress($frames === null ? null : $done + $frames);
                if (!$this->painted($placed, $order->part($range), $file, $its)) {
                    return false;
                }
            }

            return $this->join($placed, $order, array_keys($parts), $target, $progress);
        } finally {
            array_map('unlink', array_filter(array_keys($parts), is_file(...)));
        }
    }

    /**
     * A film of its parts, wherever they were made.
     *
     * @param list<string> $files of FileOrder's parts, in their order
     * @param \Closure(int|null): bool $progress
     */
    public function join(
        PlacedPiece $placed,
        FileOrder $order,
        array $files,
        string $target,
        \Closure $progress,
    ): bool {
        $stage = $placed->piece->stage;
        $frames = array_map(static fn ($range): int => $range->count(), $order->parts());

        return $this->renderer->join(
            array_combine($files, $frames),
            $target,
            $order,
            [$stage->rateNumerator, $stage->rateDenominator],
            $this->soundOf($placed, $order),
            $this->toldOf($placed, $order),
            $progress,
        );
    }

    /** @param \Closure(int|null): bool $progress */
    private function painted(PlacedPiece $placed, FileOrder $order, string $target, \Closure $progress): bool
    {
        $reels = $this->computed->filmReels(
            $placed,
            $order->range,
            $order->kind->traits()->hasShutter,
            static fn (): bool => $progress(null),
        );
        $told = $order->isPart ? null : $this->toldOf($placed, $order);

        $sound = $this->soundOf($placed, $order);
        $isMade = $this->renderer->film($reels, $target, $order, $sound, $progress, $told);
        if ($isMade && $told !== null && $order->kind->traits()->isLoop) {
            ToldPicture::write($target, $told);
        }

        return $isMade;
    }

    private function soundOf(PlacedPiece $placed, FileOrder $order): ?FilmSound
    {
        return $order->withSound ? FilmSound::of($placed->piece, $order->range, $this->sounds) : null;
    }

    private function toldOf(PlacedPiece $placed, FileOrder $order): Told
    {
        $short = Alternative::of($placed->piece, $this->computed->timings($placed))->short;

        return Told::of($placed->piece, $order, $short);
    }
}
