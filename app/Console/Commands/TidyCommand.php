<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Desk\KeptReels;
use App\Tidy\KeptRevisions;
use App\Tidy\Leftovers;
use App\Work\LostFilms;
use Illuminate\Support\Facades\DB;

final class TidyCommand extends LupineCommand
{
    protected $signature = 'lupine:tidy
        {--at-start : before any worker runs: films that were being made begin again at once}';

    protected $description = 'Thins old revisions and sweeps what nobody can come back to; docs/trust.md states the rules';

    public function __construct(
        private readonly KeptRevisions $revisions,
        private readonly Leftovers $leftovers,
        private readonly KeptReels $reels,
        private readonly LostFilms $lost,
    ) {
        parent::__construct();
    }

    protected function work(): int
    {
        if ($this->option('at-start') === true) {
            $this->lost->freeAll();
        }
        $this->tell('films ordered again', $this->lost->takeUp());
        $this->tell('revisions thinned', $this->revisions->thin(now()));
        foreach ($this->leftovers->sweep(now()) as $what => $count) {
            $this->tell($what, $count);
        }
        $this->reels->makeRoom();
        DB::statement('PRAGMA optimize');

        return self::SUCCESS;
    }

    private function tell(string $what, int $count): void
    {
        if ($count > 0) {
            $this->line(sprintf('%s: %d', ucfirst($what), $count));
        }
    }
}
