<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Desk\ComputedPiece;
use App\Http\Refusal;
use App\Jobs\MakeFilm;
use App\Models\HandOff;
use App\Models\Piece;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Filesystem\FilesystemAdapter;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Storage;
use Lupine\Core\Form\Forms;
use Lupine\Core\Piece\Field;
use Lupine\Core\Piece\Piece as Document;
use Symfony\Component\HttpFoundation\StreamedResponse;

final readonly class HandOffController
{
    private const PAGE = 50;

    /** A page of the films, newest first, of all pieces or of one. */
    public function index(Request $request): JsonResponse
    {
        $asked = Field::root($request->query());
        $films = HandOff::withoutDocument(HandOff::query())->orderByDesc('id');
        if (!$asked->get('piece')->isNull()) {
            $films->where('piece_id', $asked->get('piece')->text(26));
        }
        if (!$asked->get('after')->isNull()) {
            $films->where('id', '<', $asked->get('after')->text(26));
        }
        /** @var Collection<int, HandOff> $found */
        $found = $films->limit(self::PAGE + 1)->get();
        $page = $found->take(self::PAGE);

        return response()->json([
            'handOffs' => $page->map($this->answer(...))->values(),
            'next' => $found->count() > self::PAGE ? $page->last()?->id : null,
        ]);
    }

    /** Begins a film of the piece as it is now. What cannot be drawn is refused here, where it can be mended. */
    public function store(Piece $piece, ComputedPiece $computed): JsonResponse
    {
        $text = $piece->documentText();
        $document = Document::fromJson($text, app(Forms::class));
        $computed->check($document);
        $handOff = HandOff::query()->create([
            'piece_id' => $piece->id,
            'title' => $piece->title,
            'status' => 'waiting',
            'document' => $text,
            'frames_total' => $document->stage->frames,
        ]);
        MakeFilm::dispatch($handOff->id);

        return response()->json($this->answer($handOff), 201);
    }

    public function show(HandOff $handOff): JsonResponse
    {
        return response()->json($this->answer($handOff));
    }

    public function cancel(HandOff $handOff): JsonResponse
    {
        // One statement each, so that a worker that takes the job up at this moment is not overwritten.
        HandOff::query()
            ->whereKey($handOff->id)
            ->where('status', 'waiting')
            ->update(['status' => 'cancelled', 'ended_at' => now()]);
        HandOff::query()
            ->whereKey($handOff->id)
            ->where('status', 'running')
            ->update(['status' => 'cancelling']);

        return response()->json($this->answer($handOff->refresh()));
    }

    public function retry(HandOff $handOff): JsonResponse
    {
        if (!in_array($handOff->status, ['failed', 'cancelled'], true)) {
            return Refusal::answer('This film is not waiting to be tried again.', 409);
        }
        $handOff->update([
            'status' => 'waiting',
            'frames_done' => 0,
            'tries' => 0,
            'message' => null,
            'started_at' => null,
            'ended_at' => null,
        ]);
        MakeFilm::dispatch($handOff->id);

        return response()->json($this->answer($handOff));
    }

    public function destroy(HandOff $handOff): JsonResponse
    {
        if (in_array($handOff->status, ['running', 'cancelling'], true)) {
            return Refusal::answer('This film is still being made. Cancel it first.', 409);
        }
        if ($handOff->file !== null) {
            Storage::disk('hand-offs')->delete($handOff->file);
        }
        $handOff->delete();

        return response()->json(['id' => $handOff->id]);
    }

    public function file(HandOff $handOff): StreamedResponse|JsonResponse
    {
        /** @var FilesystemAdapter $disk */
        $disk = Storage::disk('hand-offs');
        if ($handOff->status !== 'done' || $handOff->file === null || !$disk->exists($handOff->file)) {
            return Refusal::answer('There is no finished film here.', 404);
        }

        return $disk->download($handOff->file, $handOff->fileName(), ['Content-Type' => 'video/mp4']);
    }

    /** @return array<string, mixed> */
    private function answer(HandOff $handOff): array
    {
        return [
            'id' => $handOff->id,
            'pieceId' => $handOff->piece_id,
            'title' => $handOff->title,
            'status' => $handOff->status,
            'framesDone' => $handOff->frames_done,
            'framesTotal' => $handOff->frames_total,
            'secondsLeft' => $handOff->secondsLeft(),
            'bytes' => $handOff->bytes,
            'message' => $handOff->message,
            'fileName' => $handOff->fileName(),
            'createdAt' => $handOff->created_at->toIso8601String(),
            'tookSeconds' => $handOff->started_at !== null && $handOff->ended_at !== null
                    ? round($handOff->started_at->diffInMilliseconds($handOff->ended_at) / 1000, 1)
                    : null,
        ];
    }
}
