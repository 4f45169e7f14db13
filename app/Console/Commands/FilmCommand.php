<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Desk\ComputedPiece;
use App\Film\Renderer;
use Lupine\Core\Piece\BadPiece;

final class FilmCommand extends LupineCommand
{
    protected $signature = 'lupine:film
        {piece : the piece, a JSON file}
        {out : a file that ends in .mp4}';

    protected $description = 'Makes the film: H.264, yuv420p, BT.709';

    public function __construct(private readonly ComputedPiece $computed, private readonly Renderer $renderer)
    {
        parent::__construct();
    }

    protected function work(): int
    {
        $piece = $this->piece();
        $out = $this->text('out');
        if (strtolower(pathinfo($out, PATHINFO_EXTENSION)) !== 'mp4') {
            throw new BadPiece('The file has to end in .mp4.', $out);
        }
        $reel = $this->computed->wholeReelText($this->contents($this->text('piece')));
        // Written beside its place and moved there when it is whole.
        $half = dirname($out).'/.half-'.bin2hex(random_bytes(4)).'.mp4';
        $this->write($half, '');
        try {
            $bar = $this->output->getErrorStyle()->createProgressBar($piece->stage->frames);
            $this->renderer->film($reel, $half, static function (?int $frame) use ($bar): bool {
                $frame === null || $bar->setProgress($frame);

                return true;
            });
            $bar->finish();
            $this->output->getErrorStyle()->newLine();
            if (!@rename($half, $out)) {
                throw new BadPiece('This file cannot be written. Is its folder there, and may you write in it?', $out);
            }
        } finally {
            @unlink($half);
        }

        return self::SUCCESS;
    }
}
