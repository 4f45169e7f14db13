<?php

declare(strict_types=1);

namespace App\Film;

use App\Jobs\MakeFilm;
use App\Models\HandOff;
use Illuminate\Support\Facades\DB;

/** Films that were being made when their worker ended. They begin again; what they had written is not offered. */
final class LostFilms
{
    private float $lookedAt = 0.0;

    /** @return int how many were taken up */
    public function takeUp(): int
    {
        if (microtime(true) - $this->lookedAt < 5.0) {
            return 0;
        }
        $this->lookedAt = microtime(true);
        $silent = now()->subSeconds((int) config('lupine.film_silence_seconds'));
        $taken = 0;
        foreach (
            HandOff::query()
                ->whereIn('status', ['running', 'cancelling'])
                ->where('heard_at', '<', $silent)
                ->get() as $film
        ) {
            $to = $film->status === 'cancelling' ? 'cancelled' : 'waiting';
            $changed = HandOff::query()
                ->whereKey($film->id)
                ->where('status', $film->status)
                ->where('heard_at', '<', $silent)
                ->update(['status' => $to, 'frames_done' => 0, 'started_at' => null]);
            if ($changed === 1) {
                // The lost worker's own copy of the job may still be in the queue as taken; it must not run as well.
                DB::table('jobs')
                    ->whereNotNull('reserved_at')
                    ->where('payload', 'like', '%'.$film->id.'%')
                    ->delete();
                if ($to === 'waiting') {
                    MakeFilm::dispatch($film->id);
                    ++$taken;
                }
            }
        }

        return $taken;
    }
}
