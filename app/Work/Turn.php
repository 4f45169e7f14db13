<?php

declare(strict_types=1);

namespace App\Work;

use App\Film\StopSignals;
use Illuminate\Contracts\Queue\Job;

/**
 * A worker's turn at a file: it holds its job, says how far it is, and learns when to stop. What it says is said at
 * most every 0.4 seconds, and the job held on to every two.
 */
final class Turn
{
    private const SAY = 0.4;
    private const HOLD = 2.0;

    private int $frames = 0;
    private float $said = 0.0;
    private bool $isMet = false;
    private float $held;

    /** null: it goes on */
    private ?TurnEnd $end = null;

    public function __construct(
        private readonly Ticket $ticket,
        private readonly Job $job,
        private readonly HoldsJobs $queue,
        private readonly Board $board,
        private readonly StopSignals $signals,
        /** seconds for which a job is held at once */
        private readonly int $patience,
    ) {
        $this->held = microtime(true);
    }

    /**
     * Told now and then while the file is made.
     *
     * @param int|null $frames that are done; null: as before
     *
     * @return bool whether to go on
     */
    public function goesOn(?int $frames = null): bool
    {
        $this->frames = $frames ?? $this->frames;
        if ($this->end === null && $this->signals->haveCome()) {
            $this->end = TurnEnd::Asked;
        }
        $now = microtime(true);
        if ($this->end === null && $now - $this->said > self::SAY) {
            $this->said = $now;
            $this->say($now);
        }

        return $this->end === null;
    }

    public function frames(): int
    {
        return $this->frames;
    }

    /** Why it did not go on; null: it did. */
    public function end(): ?TurnEnd
    {
        return $this->end;
    }

    private function say(float $now): void
    {
        try {
            if ($this->board->isStopped($this->ticket->round)) {
                $this->end = TurnEnd::Unwanted;

                return;
            }
            $this->board->note($this->ticket->key(), $this->frames);
            if (!$this->isMet) {
                $this->isMet = true;
                $this->board->meet(Worker::here($this->ticket->fileName));
            }
            if ($now - $this->held > self::HOLD) {
                if (!$this->queue->holdOn($this->job)) {
                    $this->end = TurnEnd::Taken;

                    return;
                }
                $this->board->meet(Worker::here($this->ticket->fileName));
                $this->held = $now;
            }
        } catch (\Throwable $error) {
            // Cut off: it goes on for as long as the job is certainly its own.
            if ($now - $this->held > $this->patience) {
                report($error);
                $this->end = TurnEnd::Taken;
            }
        }
    }
}
