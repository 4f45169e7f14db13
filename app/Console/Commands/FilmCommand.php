<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Desk\ComputedPiece;
use App\Film\FilmKind;
use App\Film\FilmOrder;
use App\Film\FilmSound;
use App\Film\Renderer;
use App\Voice\SoundStore;
use Lupine\Core\Desk\MoveSheet;
use Lupine\Core\Finish\BadColour;
use Lupine\Core\Finish\Colour;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Settings\BadPiece;

final class FilmCommand extends LupineCommand
{
    protected $signature = 'lupine:film
        {piece : the piece, a JSON file}
        {out : a file that ends in .mp4, .mov, .webm, .zip or .wav}
        {--from= : the first frame, 0 if not given}
        {--to= : the last frame, the last of the piece if not given}
        {--shape= : one of the shapes that the piece is made in; its own stage if not given}
        {--opaque : ProRes 422 HQ in .mov, without transparency}
        {--silent : without the narrator}
        {--ground= : the colour that a piece without a backdrop is filmed on, for .mp4}';

    protected $description = 'Makes the film: H.264 in .mp4; with transparency ProRes 4444 in .mov, VP9 in .webm, PNG frames in .zip';

    public function __construct(private readonly ComputedPiece $computed, private readonly Renderer $renderer)
    {
        parent::__construct();
    }

    protected function work(): int
    {
        $piece = $this->piece();
        $out = $this->text('out');
        $kind = FilmKind::ofFile($out);
        $kind = $kind === FilmKind::Mov && $this->option('opaque') === true ? FilmKind::Hq : $kind;
        $order = FilmOrder::of(
            $piece,
            $kind,
            $this->frame('from', $piece, 0),
            $this->frame('to', $piece, $piece->stage->frames - 1),
            ground: $this->ground(),
            shape: $this->given('shape'),
            withSound: $this->option('silent') !== true,
        );
        $sound = $order->withSound ? FilmSound::of($piece, $order->range, app(SoundStore::class)) : null;
        $text = $order->grounded($this->contents($this->text('piece')));
        // Written beside its place and moved there when it is whole.
        $half = dirname($out).'/.half-'.bin2hex(random_bytes(4)).'.'.$kind->ending();
        $this->write($half, '');
        try {
            $kind->hasPicture()
                ? $this->film($text, $half, $order, $sound)
                : ($sound ?? throw FilmSound::nothing())->write($half, basename($out));
            if (!@rename($half, $out)) {
                throw new BadPiece('This file cannot be written. Is its folder there, and may you write in it?', $out);
            }
        } finally {
            @unlink($half);
        }

        return self::SUCCESS;
    }

    private function film(string $text, string $half, FilmOrder $order, ?FilmSound $sound): void
    {
        $placed = $this->computed->read($text, $order->shape);
        $there = MoveSheet::there($this->computed->draw($placed, 0, 0)->timings, $placed->piece->stage->frames);
        [$first, $last] = $there ?? [PHP_INT_MAX, -1];
        if ($placed->piece->charts !== [] && ($order->range->to < $first || $order->range->from > $last)) {
            $this->output->getErrorStyle()->writeln('No part of a chart is there on these frames.');
        }
        $reels = $this->computed->filmReels($placed, $order->range);
        $bar = $this->output->getErrorStyle()->createProgressBar($order->range->to - $order->range->from + 1);
        $this->renderer->film($reels, $half, $order, $sound, static function (?int $frame) use ($bar): bool {
            $frame === null || $bar->setProgress($frame);

            return true;
        });
        $bar->finish();
        $this->output->getErrorStyle()->newLine();
    }

    private function frame(string $option, Piece $piece, int $usual): int
    {
        $typed = $this->option($option);
        if ($typed === null) {
            return $usual;
        }
        $last = $piece->stage->frames - 1;
        if (!is_string($typed) || preg_match('/^\d{1,6}$/D', $typed) !== 1 || (int) $typed > $last) {
            throw new BadPiece(sprintf('It must be a frame from 0 to %d.', $last), '--'.$option);
        }

        return (int) $typed;
    }

    private function ground(): ?string
    {
        $typed = $this->option('ground');
        if ($typed === null) {
            return null;
        }
        try {
            return is_string($typed) ? Colour::hex($typed)->toHex() : null;
        } catch (BadColour $reason) {
            throw new BadPiece($reason->getMessage(), '--ground');
        }
    }
}
