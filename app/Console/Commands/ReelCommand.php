<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Desk\ComputedPiece;
use Lupine\Core\Motion\FrameRange;
use Symfony\Component\Console\Output\OutputInterface;

final class ReelCommand extends LupineCommand
{
    protected $signature = 'lupine:reel
        {piece : the piece, a JSON file}
        {--shape= : one of the shapes that the piece is made in; its own stage if not given}
        {--filmed : as it is filmed, with the moments of its shutter; else its frames alone}';

    protected $description = 'Writes the reel, as docs/reel.md describes it, to standard output';

    public function __construct(private readonly ComputedPiece $computed)
    {
        parent::__construct();
    }

    protected function work(): int
    {
        $placed = $this->computed->read($this->contents($this->text('piece')), $this->given('shape'));
        $text = $this->option('filmed') === true
            ? $this->computed->filmedText($placed, FrameRange::within($placed->piece->stage->frames))
            : $this->computed->wholeReelText($placed);
        $this->output->write($text."\n", false, OutputInterface::OUTPUT_RAW);

        return self::SUCCESS;
    }
}
