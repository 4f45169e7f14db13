<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Desk\ComputedPiece;
use App\Desk\PlacedPiece;
use App\Disk\FullDisk;
use App\Film\FileKind;
use App\Film\FileOrder;
use App\Film\FilmFailed;
use App\Film\FilmMaker;
use App\Film\Maker;
use App\Film\RendererLost;
use App\Film\StopSignals;
use App\Models\HandOff;
use App\Models\WorkStatus;
use App\Work\Board;
use App\Work\Build;
use App\Work\Carrier;
use App\Work\HoldsJobs;
use App\Work\Machines;
use App\Work\Result;
use App\Work\Results;
use App\Work\Ticket;
use App\Work\Turn;
use App\Work\TurnEnd;
use App\Work\Worker;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\Queue;
use Lupine\Core\Form\Forms;
use Lupine\Core\LupineException;
use Lupine\Core\Piece\Piece as Document;
use Predis\PredisException;

/**
 * Makes the file of a hand-off, on any machine: it needs no database, and says to the desk how it went (TellDesk).
 *
 * A renderer that ends in the middle is begun again, three times in all. A worker that is asked to end puts the film
 * back to wait for the next one; one that is killed loses its job to another, when nothing was heard of it for a while.
 */
final class MakeFilm implements ShouldQueue
{
    use Queueable;

    public const USUAL = 'default';

    /** what is made in a moment, or wanted in one, does not wait for films */
    public const SOON = 'soon';

    /** films that go before the others that wait */
    public const FIRST = 'first';

    public const QUEUES = [self::SOON, self::FIRST, self::USUAL];

    /** so often a film is taken up again whose worker was lost; beyond, it is the film that ends its workers */
    private const MOST = 20;

    /** seconds after which a worker of another Lupine lets others look again */
    private const LATER = 5;

    public int $timeout = 0;

    public int $tries = 0;

    private function __construct(public readonly Ticket $ticket)
    {
    }

    /** Puts a hand-off into its queue, as a new order of it. */
    public static function of(HandOff $film): void
    {
        $film->update(['round' => bin2hex(random_bytes(12))]);
        /** @var HandOff $whole */
        $whole = HandOff::query()->findOrFail($film->id);
        if ($whole->fileOptions()->reading !== null) {
            // It is read at the desk, which has the voices.
            dispatch(new ReadLines($whole->id, $whole->round));

            return;
        }
        self::order($whole, self::ticketOf($whole));
    }

    /** A long film is made in parts where there are several machines, whoever is free next. */
    private static function order(HandOff $film, Ticket $ticket): void
    {
        $parts = FileOrder::partsOf($film->kind, $film->frames_total);
        $isSplit = $parts > 1 && app(Machines::class)->areSeveral();
        $film->update(['parts' => $isSplit ? $parts : 0]);
        foreach ($isSplit ? $ticket->split($parts) : [$ticket] as $one) {
            dispatch((new self($one))->onQueue(self::queueOf($ticket)));
        }
    }

    /** Orders one part again. */
    public static function partAgain(HandOff $film, int $part): void
    {
        $tickets = self::ticketOf($film)->split($film->parts);
        dispatch((new self($tickets[$part]))->onQueue(self::FIRST));
    }

    /**
     * All parts are there.
     *
     * @param list<Result> $parts
     */
    public static function joined(HandOff $film, array $parts): void
    {
        dispatch((new self(self::ticketOf($film)->joining($parts)))->onQueue(self::FIRST));
    }

    private static function ticketOf(HandOff $film): Ticket
    {
        $whole = HandOff::query()->findOrFail($film->id);

        $ticket = Ticket::of($whole, app(Carrier::class)->pack($whole->document));
        $isProof = in_array($whole->kind, [FileKind::Proof, FileKind::ProofPdf], true);

        return $isProof ? $ticket->knowing(self::filmsOf($whole)) : $ticket;
    }

    /** @return array<string, string> SHA-256 of the films of the same document in the same shape, by file name */
    private static function filmsOf(HandOff $proof): array
    {
        $films = [];
        $alike = HandOff::withoutDocument(HandOff::query());
        $alike->where('piece_id', $proof->piece_id)->where('shape', $proof->shape)->where('document', $proof->document);
        $alike->where('status', WorkStatus::Done)->whereNotNull('print')->orderBy('id');
        foreach ($alike->get() as $film) {
            if ($film->kind->traits()->maker === FilmMaker::class) {
                $films[$film->fileName()] = (string) $film->print;
            }
        }

        return $films;
    }

    /** Goes before all films that wait. */
    public static function next(HandOff $film): void
    {
        self::held((string) config('queue.default'))->move($film->round, self::USUAL, self::FIRST);
    }

    public function handle(ComputedPiece $computed, Board $board, Carrier $carrier, Results $results): void
    {
        $ticket = $this->ticket;
        if ($this->job === null || $board->isStopped($ticket->round)) {
            return;
        }
        if ($ticket->build !== Build::here()) {
            $board->meet(Worker::here());
            dispatch((new self($ticket))->onQueue($this->job->getQueue())->delay(self::LATER));

            return;
        }
        $signals = StopSignals::heed();
        $queue = self::held($this->job->getConnectionName());
        $turn = new Turn($ticket, $this->job, $queue, $board, $signals, (int) config('lupine.patience'));
        try {
            if ($this->attempts() > self::MOST) {
                throw self::endsWorkers();
            }
            TellDesk::begun($ticket)->send();
            $carrier->unpack($ticket->luggage);
            $text = $ticket->document();
            $document = Document::fromJson($text, app(Forms::class));
            $order = $ticket->order($document);
            $result = $this->made($computed->placed($document, $text, $order->shape), $order, $turn, $results);
            if ($result !== null) {
                $board->note($ticket->key(), $order->range->count());
                TellDesk::done($ticket, $result)->send();
            } elseif ($turn->end() === TurnEnd::Taken) {
                $queue->leave($this->job);
            } elseif ($turn->end() === TurnEnd::Asked) {
                $this->putBack();
            }
        } catch (LupineException $reason) {
            TellDesk::failed($ticket, $reason->getMessage())->send();
        } catch (PredisException $error) {
            // Redis was away: nothing of the film failed, and its job comes again.
            throw $error;
        } catch (\Throwable $error) {
            report($error);
            TellDesk::failed($ticket, self::inWords($error))->send();
        } finally {
            $signals->leave();
            $board->meet(Worker::here());
        }
    }

    /** So that the next worker begins it again: nothing of it failed. */
    private function putBack(): void
    {
        $again = new self($this->ticket);
        dispatch($again->onQueue($this->ticket->kind->traits()->isSoon ? self::SOON : self::FIRST));
        // Other parts of it are still made.
        if ($this->ticket->part === null) {
            TellDesk::putBack($this->ticket)->send();
        }
    }

    private static function queueOf(Ticket $ticket): string
    {
        return $ticket->kind->traits()->isSoon ? self::SOON : self::USUAL;
    }

    public static function held(string $connection): HoldsJobs
    {
        $queue = Queue::connection($connection);

        return $queue instanceof HoldsJobs ? $queue : throw new \LogicException(
            sprintf('Films cannot be made by the queue “%s”. Set QUEUE_CONNECTION to database or redis.', $connection),
        );
    }

    /** @return Result|null null where it was stopped */
    private function made(PlacedPiece $placed, FileOrder $order, Turn $turn, Results $results): ?Result
    {
        /** @var Maker $maker */
        $maker = app($order->kind->traits()->maker);
        $tries = max(1, (int) config('lupine.film_tries'));
        for ($try = 1;; ++$try) {
            // A name of its own for each try: what a lost worker left running may still write to another.
            $half = storage_path('app/rendering/'.$this->ticket->film.'-'.bin2hex(random_bytes(4)).'.mp4');
            try {
                $isMade = $this->ticket->parts === []
                    ? $maker->make($placed, $order, $half, $this->ticket->fileName, $turn->goesOn(...))
                    : self::join($maker, $placed, $order, $half, $turn, $results->fetch($this->ticket->parts, $half));

                return $isMade
                    ? $results->keep($half, $this->ticket)
                    : null;
            } catch (RendererLost $reason) {
                // Whoever ends all processes of a group ends the renderer first; the signal to this one is on its way.
                usleep(300_000);
                if (!$turn->goesOn()) {
                    return null;
                }
                if ($try >= $tries) {
                    throw self::lostTooOften($turn, $order, $reason, $try);
                }
                $turn->goesOn(0);
            } finally {
                @unlink($half);
            }
        }
    }

    /** @param list<string> $parts files, which go */
    private static function join(
        Maker $maker,
        PlacedPiece $placed,
        FileOrder $order,
        string $target,
        Turn $turn,
        array $parts,
    ): bool {
        try {
            return $maker instanceof FilmMaker
                && $maker->join($placed, $order, $parts, $target, $turn->goesOn(...));
        } finally {
            array_map('unlink', array_filter($parts, is_file(...)));
        }
    }

    private static function endsWorkers(): FilmFailed
    {
        return new FilmFailed(sprintf(
            'The worker rendering this film stopped %d times. Memory may be low; free some and try again.',
            self::MOST,
        ));
    }

    private static function lostTooOften(Turn $turn, FileOrder $order, RendererLost $reason, int $tries): FilmFailed
    {
        return new FilmFailed(
            sprintf(
                'The film failed %d times: the renderer or ffmpeg stopped early, last at frame %d of %d. Memory may be low. Close other programs or make the stage smaller, then try again. (%s)',
                $tries,
                $turn->frames(),
                $order->range->count(),
                rtrim($reason->getMessage(), '.'),
            ),
        );
    }

    private static function fullDisk(): string
    {
        return config('lupine.is_desk') === true ? FullDisk::SENTENCE : sprintf(
            'The disk of the machine “%s” is full. Free some space there, or end its worker, then try again.',
            (string) config('lupine.machine'),
        );
    }

    private static function inWords(\Throwable $error): string
    {
        return FullDisk::isReasonOf($error)
            ? self::fullDisk()
            : 'The film could not be written: '.mb_strimwidth($error->getMessage(), 0, 300, '…');
    }
}
