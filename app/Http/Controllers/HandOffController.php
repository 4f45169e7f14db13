<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Api\CancelledFilms;
use App\Api\Estimate;
use App\Api\Gone;
use App\Api\HandOff as FilmAnswer;
use App\Api\HandOffs;
use App\Api\PausedQueue;
use App\Desk\ComputedPiece;
use App\Disk\NoRoom;
use App\Film\Estimates;
use App\Film\FileOrder;
use App\Film\FilmSound;
use App\Film\StillPainter;
use App\Http\Body;
use App\Http\Refusal;
use App\Http\Reply;
use App\Jobs\MakeFilm;
use App\Models\HandOff;
use App\Models\Piece;
use App\Models\WorkStatus;
use App\Voice\SoundStore;
use App\Work\Board;
use App\Work\CancelFilms;
use App\Work\Machines;
use App\Work\Remaining;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Filesystem\FilesystemAdapter;
use Illuminate\Filesystem\LocalFilesystemAdapter;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use Lupine\Core\Form\Forms;
use Lupine\Core\Piece\Piece as Document;
use Lupine\Core\Settings\Field;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\Response;

final readonly class HandOffController
{
    private const PAGE = 50;

    /** queues of what takes long */
    private const FILMS = ['default', MakeFilm::FIRST];

    /** A page runs on its own, apart from the desk; what it may run it says itself. */
    private const PAGE_POLICY = "sandbox allow-scripts; default-src 'none'; script-src 'unsafe-inline'; "
        ."style-src 'unsafe-inline'; img-src data:; media-src data:; frame-ancestors 'none'";

    public function __construct(
        private Board $board,
        private Machines $machines,
        private Remaining $remaining,
    ) {
    }

    /** A page of the films, newest first, of all pieces or of one. */
    public function index(Request $request): JsonResponse
    {
        $asked = Field::root($request->query());
        $films = HandOff::withoutDocument(HandOff::query())->orderByDesc('id');
        if (!$asked->get('piece')->isNull()) {
            // Those of a batch are told with their batch.
            $films->where('piece_id', $asked->get('piece')->text(26))->whereNull('batch_id');
        }
        if (!$asked->get('after')->isNull()) {
            $films->where('id', '<', $asked->get('after')->text(26));
        }
        /** @var Collection<int, HandOff> $found */
        $found = $films->limit(self::PAGE + 1)->get();
        $page = $found->take(self::PAGE);

        return Reply::of(new HandOffs(
            array_values($page->map($this->answer(...))->all()),
            $found->count() > self::PAGE ? $page->last()?->id : null,
            self::isPaused(),
            $this->machines->all(),
            $this->remaining->seconds(),
        ));
    }

    /** Begins a film of the piece as it is now. What cannot be drawn is refused here, where it can be mended. */
    public function store(Request $request, Piece $piece, ComputedPiece $computed): JsonResponse
    {
        self::checkRoom();
        $text = $piece->documentText();
        $document = Document::fromJson($text, app(Forms::class));
        $order = FileOrder::read(Body::of($request), $document);
        $computed->check($computed->placed($document, $text, $order->shape));
        if ($order->withSound) {
            FilmSound::of($document, $order->range, app(SoundStore::class));
        }
        $handOff = HandOff::query()->create([
            'piece_id' => $piece->id,
            'title' => $piece->title,
            'status' => WorkStatus::Waiting,
            'kind' => $order->kind,
            'name' => $order->name,
            'shape' => $order->shape,
            'with_sound' => $order->withSound,
            'options' => $order->options->toArray(),
            'document' => $order->filmed($text),
            'first_frame' => $order->range->from,
            'frames_total' => $order->range->to - $order->range->from + 1,
        ]);
        MakeFilm::of($handOff);

        return Reply::of($this->answer($handOff->refresh()), 201);
    }

    /** How large a file will be, and how long it takes. */
    public function estimate(
        Request $request,
        Piece $piece,
        ComputedPiece $computed,
        Estimates $estimates,
    ): JsonResponse {
        $text = $piece->documentText();
        $document = Document::fromJson($text, app(Forms::class));
        $order = FileOrder::read(Body::of($request), $document);
        $filmed = $order->filmed($text);
        $placed = $computed->read($filmed, $order->shape);
        $computed->check($placed);
        ['bytes' => $bytes, 'seconds' => $seconds] = $estimates->of($placed, $order);

        return Reply::of(new Estimate($bytes, $seconds));
    }

    public function show(HandOff $handOff): JsonResponse
    {
        return Reply::of($this->answer($handOff));
    }

    public function cancel(HandOff $handOff): JsonResponse
    {
        app(CancelFilms::class)->of(HandOff::query()->whereKey($handOff->id));

        return Reply::of($this->answer($handOff->refresh()));
    }

    /** Cancels all that wait, of one piece or of all; what is being made goes on. */
    public function cancelWaiting(Request $request): JsonResponse
    {
        $piece = Body::of($request)->get('piece');
        $waiting = HandOff::query()->where('status', WorkStatus::Waiting);
        if (!$piece->isNull()) {
            $waiting->where('piece_id', $piece->text(26));
        }

        return Reply::of(new CancelledFilms(app(CancelFilms::class)->of($waiting)));
    }

    /** Makes a film before the others that wait. */
    public function next(HandOff $handOff): JsonResponse
    {
        if ($handOff->status !== WorkStatus::Waiting) {
            return Refusal::answer('This file does not wait any more.', 409);
        }
        MakeFilm::next($handOff);

        return Reply::of($this->answer($handOff));
    }

    /** Lets no further film begin, or lets them begin again; what is being made is finished. */
    public function pause(Request $request): JsonResponse
    {
        $isPaused = Body::of($request)->get('paused')->flag(true);
        foreach (self::FILMS as $queue) {
            $isPaused
                ? Queue::pause((string) config('queue.default'), $queue)
                : Queue::resume((string) config('queue.default'), $queue);
        }

        return Reply::of(new PausedQueue($isPaused));
    }

    private static function isPaused(): bool
    {
        return Queue::isPaused((string) config('queue.default'), self::FILMS[0]);
    }

    /** @throws NoRoom where too many wait already */
    private static function checkRoom(): void
    {
        $most = (int) config('lupine.films_waiting');
        if (HandOff::query()->where('status', WorkStatus::Waiting)->count() >= $most) {
            throw new NoRoom(sprintf(
                '%d films wait to be made already, the limit. Cancel some that wait, or try again when some are done.',
                $most,
            ));
        }
    }

    public function retry(HandOff $handOff): JsonResponse
    {
        if (!in_array($handOff->status, [WorkStatus::Failed, WorkStatus::Cancelled], true)) {
            return Refusal::answer('This film is not waiting to be tried again.', 409);
        }
        self::checkRoom();
        $handOff->waitAgain();
        MakeFilm::of($handOff);

        return Reply::of($this->answer($handOff));
    }

    public function destroy(HandOff $handOff): JsonResponse
    {
        if ($handOff->status->isUnderWay()) {
            return Refusal::answer('This film is still being made. Cancel it first.', 409);
        }
        if ($handOff->file !== null) {
            Storage::disk('hand-offs')->delete($handOff->file);
        }
        $handOff->delete();

        return Reply::of(new Gone($handOff->id));
    }

    public function file(Request $request, HandOff $handOff): Response
    {
        /** @var FilesystemAdapter $disk */
        $disk = Storage::disk('hand-offs');
        if ($handOff->status !== WorkStatus::Done || $handOff->file === null || !$disk->exists($handOff->file)) {
            return Refusal::answer('There is no finished film here.', 404);
        }

        $type = $handOff->kind->traits()->contentType;
        // nginx sends what is on this machine; but a page goes with its own policy, which it would drop.
        if ($handOff->kind->traits()->ending !== 'html') {
            BinaryFileResponse::trustXSendfileTypeHeader();
        }
        if ($request->query('play') !== null && $disk instanceof LocalFilesystemAdapter) {
            // In parts, as a player asks for them.
            return new BinaryFileResponse($disk->path($handOff->file), 200, [
                'Content-Type' => $type,
                ...$handOff->kind->traits()->ending === 'html' ? ['Content-Security-Policy' => self::PAGE_POLICY] : [],
            ]);
        }

        if (!$disk instanceof LocalFilesystemAdapter) {
            return $disk->download($handOff->file, $handOff->fileName(), ['Content-Type' => $type]);
        }
        $name = $handOff->fileName();

        return (new BinaryFileResponse($disk->path($handOff->file), 200, ['Content-Type' => $type]))
            ->setContentDisposition('attachment', $name, Str::ascii($name));
    }

    /** How the film looks on its last frame, at its own size. */
    public function picture(HandOff $handOff, ComputedPiece $computed, StillPainter $painter): Response
    {
        $text = HandOff::query()->whereKey($handOff->id)->value('document');
        $placed = $computed->read(is_string($text) ? $text : '', $handOff->shape);
        // One that was read anew is longer than what was ordered.
        $last = $placed->piece->stage->frames - 1;
        $frame = min($last, $handOff->first_frame + $handOff->frames_total - 1);

        return response($painter->paint($computed->filmedFrame($placed, $frame), $frame), 200, [
            'Content-Type' => 'image/png',
            'Cache-Control' => 'private, max-age=86400, immutable',
        ]);
    }

    private function answer(HandOff $film): FilmAnswer
    {
        if ($film->status === WorkStatus::Running) {
            $film->frames_done = $this->board->frames(...$film->keys());
        }

        return new FilmAnswer(
            id: $film->id,
            pieceId: $film->piece_id,
            title: $film->title,
            status: $film->status,
            kind: $film->kind,
            firstFrame: $film->first_frame,
            framesDone: $film->frames_done,
            framesTotal: $film->frames_total,
            secondsLeft: $film->secondsLeft(),
            bytes: $film->bytes,
            withSound: $film->with_sound,
            message: $film->message,
            fileName: $film->fileName(),
            createdAt: $film->created_at->toIso8601String(),
            tookSeconds: $film->started_at !== null && $film->ended_at !== null
                ? round($film->started_at->diffInMilliseconds($film->ended_at) / 1000, 1)
                : null,
            machine: $this->machines->areSeveral() ? $film->machine : null,
        );
    }
}
