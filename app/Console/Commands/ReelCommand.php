<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Desk\ComputedPiece;
use Lupine\Core\Drawing\Reel;
use Symfony\Component\Console\Output\OutputInterface;

final class ReelCommand extends LupineCommand
{
    protected $signature = 'lupine:reel {piece : the piece, a JSON file}';

    protected $description = 'Writes the reel, as docs/reel.md describes it, to standard output';

    public function __construct(private readonly ComputedPiece $computed)
    {
        parent::__construct();
    }

    protected function work(): int
    {
        $this->output->write(
            json_encode(Reel::of($this->computed->draw($this->piece())), JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES).
                "\n",
            false,
            OutputInterface::OUTPUT_RAW,
        );

        return self::SUCCESS;
    }
}
