<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Desk\ComputedPiece;
use App\Film\Estimates;
use App\Film\FileKind;
use App\Film\FileOptions;
use App\Film\FileOrder;
use App\Film\Maker;
use Lupine\Core\Desk\MoveSheet;
use Lupine\Core\Finish\BadColour;
use Lupine\Core\Finish\Colour;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Settings\BadPiece;

final class FilmCommand extends LupineCommand
{
    protected $signature = 'lupine:film
        {piece : the piece, a JSON file}
        {out : the file; its ending says what is made}
        {--from= : the first frame, 0 if not given}
        {--to= : the last frame, the last of the piece if not given}
        {--shape= : one of the shapes that the piece is made in; its own stage if not given}
        {--kind= : what is made where the ending does not say it, such as hq, draft, stops or markers}
        {--mute : without the narrator}
        {--uncaptioned : without captions}
        {--chapters : the lines of the script as chapters}
        {--width= : pixels across, for .gif, .apng and .webp}
        {--rate= : pictures in a second, for .gif, .apng and .webp: 10, 12.5, 20, 25 or 50}
        {--every-shape : every shape of the piece in one .html; the one that suits the window is shown}
        {--estimate : says as JSON how large it will be and how long it takes, from a sample, and makes nothing}
        {--once : a .gif, .apng, .webp or .svg that does not begin again}
        {--ground= : the colour that a piece without a backdrop is filmed on, for .mp4}';

    protected $description = 'Makes the film or another file that plays: H.264 in .mp4; with transparency ProRes 4444 in .mov, VP9 in .webm, PNG frames in .zip; a page, an animated SVG, a GIF, APNG or WebP';

    public function __construct(private readonly ComputedPiece $computed)
    {
        parent::__construct();
    }

    protected function work(): int
    {
        $piece = $this->piece();
        $out = $this->text('out');
        $kind = FileKind::ofFile($out, $this->given('kind'));
        $order = FileOrder::of(
            $piece,
            $kind,
            $this->frame('from', $piece, 0),
            $this->frame('to', $piece, $piece->stage->frames - 1),
            ground: $this->ground(),
            shape: $this->given('shape'),
            withSound: $this->option('mute') !== true,
            options: $this->asked($piece),
        );
        $text = $order->filmed($this->contents($this->text('piece')));
        if ($this->option('estimate') === true) {
            $estimate = app(Estimates::class)->of($this->computed->read($text, $order->shape), $order);
            $this->output->writeln(json_encode($estimate, JSON_THROW_ON_ERROR));

            return self::SUCCESS;
        }
        // Written beside its place and moved there when it is whole.
        $half = dirname($out).'/.half-'.bin2hex(random_bytes(4)).'.'.$kind->traits()->ending;
        $this->write($half, '');
        try {
            $this->make($text, $half, $order, basename($out));
            if (!@rename($half, $out)) {
                throw new BadPiece('This file cannot be written. Is its folder there, and may you write in it?', $out);
            }
        } finally {
            @unlink($half);
        }

        return self::SUCCESS;
    }

    private function make(string $text, string $half, FileOrder $order, string $name): void
    {
        $placed = $this->computed->read($text, $order->shape);
        $there = MoveSheet::there($this->computed->timings($placed), $placed->piece->stage->frames);
        [$first, $last] = $there ?? [PHP_INT_MAX, -1];
        $isEmpty = $order->range->to < $first || $order->range->from > $last;
        if ($order->kind->traits()->hasShape && $placed->piece->charts !== [] && $isEmpty) {
            $this->output->getErrorStyle()->writeln('No part of a chart is there on these frames.');
        }
        $bar = $this->output->getErrorStyle()->createProgressBar($order->range->to - $order->range->from + 1);
        /** @var Maker $maker */
        $maker = app($order->kind->traits()->maker);
        $maker->make($placed, $order, $half, $name, static function (?int $frame) use ($bar): bool {
            $frame === null || $bar->setProgress($frame);

            return true;
        });
        $bar->finish();
        $this->output->getErrorStyle()->newLine();
    }

    private function asked(Piece $piece): FileOptions
    {
        $width = $this->given('width');
        $isSize = preg_match('/^\d{2,5}$/D', $width ?? '64') === 1;
        $pixels = (int) ($width ?? FileOptions::LEAST_WIDTH);
        if (!$isSize || $pixels < FileOptions::LEAST_WIDTH || $pixels > $piece->stage->width) {
            throw new BadPiece(
                sprintf('It must be from %d to %d pixels.', FileOptions::LEAST_WIDTH, $piece->stage->width),
                '--width',
            );
        }
        $rate = $this->given('rate');
        if ($rate !== null && !in_array($rate, array_map(strval(...), FileOptions::RATES), true)) {
            throw new BadPiece('It must be 10, 12.5, 20, 25 or 50.', '--rate');
        }

        return new FileOptions(
            $this->option('uncaptioned') !== true,
            $this->option('chapters') === true,
            $width === null ? null : (int) $width,
            $rate === null ? null : (float) $rate,
            $this->option('every-shape') === true,
            $this->option('once') !== true,
        );
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
