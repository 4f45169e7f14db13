<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Models\FilmPart;
use App\Models\HandOff;
use App\Models\WorkStatus;
use App\Work\Board;
use App\Work\Result;
use App\Work\Results;
use App\Work\Ticket;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Database\Eloquent\Collection;
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
        private readonly ?int $part = null,
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
        return new self(
            $ticket->film,
            $ticket->round,
            $what,
            (string) config('lupine.machine'),
            $result,
            $message,
            $ticket->part,
        );
    }

    public function send(): void
    {
        config('lupine.is_desk') === true ? dispatch_sync($this) : dispatch($this->onQueue(self::QUEUE));
    }

    public function handle(Board $board, Results $results): void
    {
        match ($this->what) {
            WorkStatus::Running => $this->begin(),
            WorkStatus::Waiting => $this->change(['status' => WorkStatus::Waiting, 'started_at' => null]),
            WorkStatus::Done => $this->part === null ? $this->take($results, $board) : $this->takePart($results),
            default => $this->fail((string) $this->message, $board),
        };
    }

    private function begin(): void
    {
        $film = $this->film();
        if ($film === null) {
            return;
        }
        // A film that is made in parts has several machines, and began with the first of them.
        $machines = $film->parts === 0 ? [] : explode(', ', $film->machine ?? '');
        $this->change([
            'status' => WorkStatus::Running,
            'started_at' => $film->parts > 0 ? $film->started_at ?? now() : now(),
            'machine' => implode(', ', array_unique(array_filter([...$machines, $this->machine]))),
            'message' => null,
        ]);
    }

    private function fail(string $message, Board $board): void
    {
        $this->change(['status' => WorkStatus::Failed, 'message' => $message, 'ended_at' => now()]);
        // So that its other parts are not made for nothing.
        $board->stop($this->round);
    }

    private function take(Results $results, Board $board): void
    {
        $result = $this->result();
        $film = $this->film();
        $known = HandOff::withoutDocument(HandOff::query())->find($this->film);
        if ($known !== null && $known->file === $result->file) {
            return;
        }
        if ($film !== null && !$results->isWhole($result)) {
            $this->makeAgain($film, $board);

            return;
        }
        $taken = $film !== null && $this->change([
            'status' => WorkStatus::Done,
            'frames_done' => $film->frames_total,
            'file' => $result->file,
            'bytes' => $result->bytes,
            'print' => $result->print,
            'ended_at' => now(),
            ...$film->parts === 0 ? ['machine' => $this->machine] : [],
        ]);
        // The old file goes when the new one is there; of two that were made, the second does.
        $results->drop($taken ? $known?->file : $result->file);
        $board->stop($this->round);
        foreach (FilmPart::query()->where('round', $this->round)->get() as $part) {
            $results->drop($part->file);
            $part->delete();
        }
    }

    private function takePart(Results $results): void
    {
        $result = $this->result();
        $film = $this->film();
        $kept = FilmPart::query()->where('round', $this->round)->where('number', $this->part)->first();
        if ($film === null || $kept !== null) {
            if ($kept?->file !== $result->file) {
                $results->drop($result->file);
            }
        } elseif ($results->isWhole($result)) {
            FilmPart::query()->create([
                'hand_off_id' => $film->id,
                'round' => $this->round,
                'number' => $this->part,
                ...get_object_vars($result),
            ]);
        } elseif ($this->mayTryAgain($film)) {
            MakeFilm::partAgain($film, (int) $this->part);
        }
        /** @var Collection<int, FilmPart> $parts */
        $parts = FilmPart::query()->where('round', $this->round)->orderBy('number')->get();
        if ($film !== null && $film->parts > 0 && count($parts) === $film->parts) {
            MakeFilm::joined($film, array_values($parts->map(static fn (FilmPart $one): Result => new Result(
                $one->file,
                $one->bytes,
                $one->print,
            ))->all()));
        }
    }

    private function makeAgain(HandOff $film, Board $board): void
    {
        if ($this->mayTryAgain($film) && $this->change(['status' => WorkStatus::Waiting])) {
            $board->stop($this->round);
            MakeFilm::of($film->refresh());
        }
    }

    /** Of a file that came damaged: counts it, and says so when that was too often. */
    private function mayTryAgain(HandOff $film): bool
    {
        $tries = $film->tries + 1;
        $isLast = $tries >= (int) config('lupine.film_tries');
        $this->change($isLast ? [
            'status' => WorkStatus::Failed,
            'message' => sprintf(
                'The file came damaged from “%s” %d times. Check the disk that the machines share, then try again.',
                $this->machine,
                $tries,
            ),
            'ended_at' => now(),
        ] : ['tries' => $tries]);

        return !$isLast;
    }

    private function result(): Result
    {
        return $this->result ?? throw new \LogicException('What is done has a file.');
    }

    /** The film, if this order of it still counts. */
    private function film(): ?HandOff
    {
        $films = HandOff::withoutDocument(HandOff::query());
        $films->whereKey($this->film)->where('round', $this->round);
        $films->whereIn('status', [WorkStatus::Waiting, WorkStatus::Running]);

        return $films->first();
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
