<?php

declare(strict_types=1);

namespace App\Film;

use App\Desk\ComputedPiece;
use App\Desk\PlacedPiece;
use App\Disk\FullDisk;
use App\Pictures\PictureStore;
use Lupine\Core\Desk\MoveSheet;
use Lupine\Core\Formats\AnimatedSvg;
use Lupine\Core\Papers\Alternative;

/** An SVG that plays by itself. */
final readonly class SvgMaker implements Maker
{
    public function __construct(private ComputedPiece $computed, private PictureStore $pictures)
    {
    }

    public function make(
        PlacedPiece $placed,
        FileOrder $order,
        string $target,
        string $name,
        \Closure $progress,
    ): bool {
        $this->computed->check($placed);
        $piece = $placed->piece;
        $range = $order->range;
        $timings = $this->computed->timings($placed);
        $isStopped = false;
        $svg = AnimatedSvg::of(
            $this->computed->draw($placed, $range->from, $range->to),
            max($range->from, min($range->to, MoveSheet::finished($timings, $piece->stage->frames))),
            $piece->title,
            Alternative::of($piece, $timings)->short,
            $order->options->loops,
            $this->pictures->dataUri(...),
            static function () use ($progress, &$isStopped): void {
                $isStopped = !$progress(null) || $isStopped;
            },
        );
        if ($isStopped) {
            return false;
        }
        if (@file_put_contents($target, $svg) !== strlen($svg)) {
            throw new FullDisk();
        }

        return true;
    }
}
