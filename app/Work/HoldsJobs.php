<?php

declare(strict_types=1);

namespace App\Work;

use Illuminate\Contracts\Queue\Job;

/**
 * A queue whose jobs are held for a short while only, and longer for as long as their worker says that it is at work.
 * So the job of a worker that was killed or cut off goes to another one soon, however long its film takes.
 */
interface HoldsJobs
{
    /** @return bool false where the job is not this worker's any more */
    public function holdOn(Job $job): bool;

    /** Leaves a job to whoever has it now: nothing that this worker does with it from now on counts. */
    public function leave(Job $job): void;

    /**
     * Puts jobs that wait behind the others of another queue.
     *
     * @param string $mark a text that no other jobs have
     *
     * @return bool whether there were any
     */
    public function move(string $mark, string $from, string $to): bool;

    /** Whether a job waits or is held in one of these queues. */
    public function has(string $mark, string ...$queues): bool;

    /** Lets all jobs of these queues wait again. For whoever knows that no worker runs. */
    public function freeAll(string ...$queues): void;
}
