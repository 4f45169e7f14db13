<?php

declare(strict_types=1);

namespace App\Work;

use Illuminate\Contracts\Queue\Job;
use Illuminate\Queue\DatabaseQueue;
use Illuminate\Queue\Jobs\DatabaseJob;

/** Laravel's queue in the database, for one machine. */
final class HeldDatabaseQueue extends DatabaseQueue implements HoldsJobs
{
    /** @var array<string, true> jobs that others have now, by id */
    private array $left = [];

    public function holdOn(Job $job): bool
    {
        // Whoever took it up again has counted so.
        return $job instanceof DatabaseJob && $this->database->table($this->table)
            ->where('id', $job->getJobId())
            ->where('attempts', $job->attempts())
            ->update(['reserved_at' => $this->currentTime()]) === 1;
    }

    public function leave(Job $job): void
    {
        $this->left[(string) $job->getJobId()] = true;
    }

    public function deleteReserved($queue, $id): void
    {
        if (isset($this->left[(string) $id])) {
            unset($this->left[(string) $id]);

            return;
        }
        parent::deleteReserved($queue, $id);
    }

    public function move(string $mark, string $from, string $to): bool
    {
        return $this->database->table($this->table)
            ->where('queue', $from)
            ->whereNull('reserved_at')
            ->where('payload', 'like', '%'.$mark.'%')
            ->update(['queue' => $to]) > 0;
    }

    public function has(string $mark, string ...$queues): bool
    {
        return $this->database->table($this->table)
            ->whereIn('queue', $queues)
            ->where('payload', 'like', '%'.$mark.'%')
            ->exists();
    }

    public function freeAll(string ...$queues): void
    {
        $this->database->table($this->table)->whereIn('queue', $queues)->update(['reserved_at' => null]);
    }
}
