<?php

declare(strict_types=1);

namespace App\Film;

use App\Jobs\MakeFilm;
use App\Models\HandOff;
use App\Models\WorkStatus;
use Illuminate\Support\Facades\DB;

/** Films that were being made when their worker ended. They begin again; what they had written is not offered. */
final class LostFilms
{
    /** so often a film is taken up again; beyond, it is the film that ends its workers */
    private const MOST = 20;

    private float $lookedAt = 0.0;

    /** @return int how many were taken up; at most every five seconds, since workers ask all the time */
    public function takeUp(): int
    {
        if (microtime(true) - $this->lookedAt < 5.0) {
            return 0;
        }
        $this->lookedAt = microtime(true);

        return $this->takeUpSilentFor((int) config('lupine.film_silence_seconds'));
    }

    /** @param int $seconds that nothing was heard of them; 0 where it is known that no worker runs */
    public function takeUpSilentFor(int $seconds): int
    {
        $silent = now()->subSeconds($seconds);
        /** @var list<HandOff> $lost */
        $lost = HandOff::withoutDocument(HandOff::query())
            ->whereIn('status', [WorkStatus::Running, WorkStatus::Cancelling])
            ->where('heard_at', '<=', $silent)
            ->get()
            ->all();
        $taken = 0;
        foreach ($lost as $film) {
            $taken += DB::transaction(fn (): int => $this->takeUpOne($film, $silent) ? 1 : 0);
        }

        return $taken;
    }

    private function takeUpOne(HandOff $film, \DateTimeInterface $silent): bool
    {
        $tooOften = $film->tries >= self::MOST;
        $to = match (true) {
            $film->status === WorkStatus::Cancelling => WorkStatus::Cancelled,
            $tooOften => WorkStatus::Failed,
            default => WorkStatus::Waiting,
        };
        $changed = HandOff::query()
            ->whereKey($film->id)
            ->where('status', $film->status)
            ->where('heard_at', '<=', $silent)
            ->update([
                'status' => $to,
                'frames_done' => 0,
                'started_at' => null,
                'tries' => $film->tries + 1,
                'message' => $to === WorkStatus::Failed
                        ? sprintf(
                            'The worker rendering this film stopped %d times. Memory may be low; free some and try again.',
                            self::MOST,
                        )
                        : null,
            ]);
        if ($changed !== 1) {
            return false;
        }
        // The lost worker's own copy of the job may still be in the queue as taken; it must not run as well.
        DB::table('jobs')
            ->where('payload', 'like', '%'.$film->id.'%')
            ->delete();
        if ($to === WorkStatus::Waiting) {
            MakeFilm::of($film);
        }

        return $to === WorkStatus::Waiting;
    }
}
