<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Models\HandOff;
use App\Models\WorkStatus;
use App\Work\Board;
use App\Work\Result;
use App\Work\Results;
use App\Work\Ticket;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/**
 * What a worker says to the desk of a film: written down at once where the database is, sent there by the queue from
 * elsewhere. What comes late or twice changes nothing, and a file is taken only if it is whole.
 */
final class TellDesk implements ShouldQueue
{
    use Queueable;

    public const QUEUE = 'desk';

    private function __construct(
        private readonly string $film,
        private readonly string $round,
        private readonly WorkStatus $what,
        private readonly string $machine,
        private readonly ?Result $result = null,
        private readonly ?string $message = null,
    ) {
    }

    public static function begun(Ticket $ticket): self
    {
        return self::that($ticket, WorkStatus::Running);
    }

    public static function putBack(Ticket $ticket): self
    {
        return self::that($ticket, WorkStatus::Waiting);
    }

    public static function failed(Ticket $ticket, string $message): self
    {
        return self::that($ticket, WorkStatus::Failed, message: $message);
    }

    public static function done(Ticket $ticket, Result $result): self
    {
        return self::that($ticket, WorkStatus::Done, $result);
    }

    private static function that(
        Ticket $ticket,
        WorkStatus $what,
        ?Result $result = null,
        ?string $message = null,
    ): self {
        return new self($ticket->film, $ticket->round, $what, (string) config('lupine.machine'), $result, $message);
    }

    public function send(): void
    {
        config('lupine.is_desk') === true ? dispatch_sync($this) : dispatch($this->onQueue(self::QUEUE));
    }

    public function handle(Board $board, Results $results): void
    {
        match ($this->what) {
            WorkStatus::Running => $this->change([
                'status' => WorkStatus::Running,
                'started_at' => now(),
                'machine' => $this->machine,
                'message' => null,
            ]),
            WorkStatus::Waiting => $this->change(['status' => WorkStatus::Waiting, 'started_at' => null]),
            WorkStatus::Done => $this->take($results, $board),
            default => $this->change([
                'status' => WorkStatus::Failed,
                'message' => $this->message,
                'ended_at' => now(),
            ]),
        };
    }

    private function take(Results $results, Board $board): void
    {
        $result = $this->result ?? throw new \LogicException('What is done has a file.');
        $film = HandOff::withoutDocument(HandOff::query())->find($this->film);
        if ($film !== null && $film->file === $result->file) {
            return;
        }
        if ($film !== null && $film->round === $this->round && !$results->isWhole($result)) {
            $this->makeAgain($film);

            return;
        }
        $taken = $this->change([
            'status' => WorkStatus::Done,
            'frames_done' => $film->frames_total ?? 0,
            'file' => $result->file,
            'bytes' => $result->bytes,
            'print' => $result->print,
            'machine' => $this->machine,
            'ended_at' => now(),
        ]);
        // The old file goes when the new one is there; of two that were made, the second does.
        $results->drop($taken ? $film?->file : $result->file);
        $board->stop($this->round);
    }

    private function makeAgain(HandOff $film): void
    {
        $isLast = $film->tries + 1 >= (int) config('lupine.film_tries');
        $changed = $this->change($isLast ? [
            'status' => WorkStatus::Failed,
            'message' => sprintf(
                'The file came damaged from “%s” %d times. Check the disk that the machines share, then try again.',
                $this->machine,
                $film->tries + 1,
            ),
            'ended_at' => now(),
        ] : ['status' => WorkStatus::Waiting, 'tries' => $film->tries + 1]);
        if ($changed && !$isLast) {
            MakeFilm::of($film->refresh());
        }
    }

    /** @param array<string, mixed> $to */
    private function change(array $to): bool
    {
        return HandOff::query()
            ->whereKey($this->film)
            ->where('round', $this->round)
            ->whereIn('status', [WorkStatus::Waiting, WorkStatus::Running])
            ->update($to) === 1;
    }
}
