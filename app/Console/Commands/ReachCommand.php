<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Work\Board;
use App\Work\Results;

final class ReachCommand extends LupineCommand
{
    protected $signature = 'lupine:reach';

    protected $description = 'Says whether Redis and the disk that the machines share can be reached, and whether they run the same Lupine; bin/start and bin/worker ask it';

    protected function work(): int
    {
        try {
            $board = app(Board::class);
            $isSame = config('lupine.is_desk') === true ? $board->nameDesk() : $board->isDeskAlike();
        } catch (\Throwable $error) {
            return $this->complain(sprintf(
                'Redis does not answer at %s: %s. Is it running, and may this machine reach it?',
                preg_replace('#//[^/@]*@#', '//', (string) config('database.redis.default.url')),
                rtrim($error->getMessage(), '.'),
            ), self::OFF);
        }
        if (!$isSame) {
            return $this->complain(
                'The desk runs another Lupine than this machine, and films would differ. Install the same one on both, build it, and start the desk first.',
                self::OFF,
            );
        }
        $wrong = app(Results::class)->trouble();

        return $wrong === null ? self::SUCCESS : $this->complain(sprintf(
            'The shared disk cannot be used: %s. Check its name, its address and its keys.',
            rtrim($wrong, '.'),
        ), self::OFF);
    }
}
