<?php

declare(strict_types=1);

namespace App\Work;

use App\Jobs\Listen;
use App\Jobs\MakeFilm;
use App\Jobs\TellDesk;
use App\Models\HandOff;
use App\Models\WorkStatus;
use Illuminate\Database\Eloquent\Builder;

/**
 * Films that wait or are made as far as the desk knows, and that no queue has: the queue was emptied, or its machine
 * came back without it. They are ordered again.
 */
final readonly class LostFilms
{
    /** @return int how many were */
    public function takeUp(): int
    {
        $queue = MakeFilm::held((string) config('queue.default'));
        $desk = MakeFilm::held('desk');
        $lost = 0;
        foreach (HandOff::withoutDocument(self::underWay())->get() as $film) {
            $isThere = $queue->has($film->round, TellDesk::QUEUE, ...MakeFilm::QUEUES)
                || $desk->has($film->round, Listen::QUEUE);
            // What came to its end while this looked is in no queue either.
            if (!$isThere && self::underWay()->whereKey($film->id)->update(['status' => WorkStatus::Waiting]) === 1) {
                MakeFilm::of($film);
                ++$lost;
            }
        }

        return $lost;
    }

    /** What the workers of this machine had in hand waits again at once. For a start, before any of them runs. */
    public function freeAll(): void
    {
        MakeFilm::held((string) config('queue.default'))->freeAll(...MakeFilm::QUEUES);
    }

    /** @return Builder<HandOff> */
    private static function underWay(): Builder
    {
        $films = HandOff::query();
        $films->whereIn('status', [WorkStatus::Waiting, WorkStatus::Running]);

        return $films;
    }
}
