<?php

declare(strict_types=1);

namespace App\Work;

use App\Models\HandOff;
use App\Models\WorkStatus;
use Illuminate\Database\Eloquent\Builder;

/** Cancels films: whoever makes one stops within a moment, and what comes of it nevertheless is not taken. */
final readonly class CancelFilms
{
    public function __construct(private Board $board)
    {
    }

    /**
     * @param Builder<HandOff> $films of which those that wait or are made are cancelled
     *
     * @return int how many were
     */
    public function of(Builder $films): int
    {
        $films->whereIn('status', [WorkStatus::Waiting, WorkStatus::Running]);
        $rounds = array_filter($films->pluck('round')->all(), is_string(...));
        $cancelled = $films->update(['status' => WorkStatus::Cancelled, 'ended_at' => now()]);
        array_map($this->board->stop(...), $rounds);

        return $cancelled;
    }
}
