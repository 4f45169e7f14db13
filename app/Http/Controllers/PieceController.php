<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Desk\ComputedPiece;
use App\Http\PieceAnswer;
use App\Http\Requests\DocumentRequest;
use App\Http\WantedVersion;
use App\Models\Piece;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cache;
use Lupine\Core\Drawing\Reel;
use Lupine\Core\Drawing\Sheet;
use Lupine\Core\Formats\NewPiece;
use Lupine\Core\Formats\TableText;
use Lupine\Core\LupineException;
use Lupine\Core\Motion\FrameRate;
use Lupine\Core\Motion\Timecode;
use Lupine\Core\Piece\Piece as Document;

final readonly class PieceController
{
    public function __construct(private ComputedPiece $computed)
    {
    }

    /** The shelf, newest first, each piece with a reel of its last frame and the widths of its stems. */
    public function index(): JsonResponse
    {
        $shelf = [];
        /** @var Collection<int, Piece> $pieces */
        $pieces = Piece::query()->orderByDesc('updated_at')->orderByDesc('id')->limit(500)->get();
        foreach ($pieces as $piece) {
            // Drawing takes a while; a piece looks the same until its version changes.
            $drawn = Cache::remember(
                'shelf:'.$piece->id.':'.$piece->version,
                now()->addMonth(),
                fn (): array => $this->drawn($piece),
            );
            $shelf[] = [
                'id' => $piece->id,
                'version' => $piece->version,
                'title' => $piece->title,
                'updatedAt' => $piece->updated_at?->toIso8601String(),
                ...$drawn,
            ];
        }

        return response()->json(['pieces' => $shelf], 200, [], JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }

    public function store(Request $request): JsonResponse
    {
        if ($request->has('document')) {
            $document = app(DocumentRequest::class)->document();
        } else {
            $table = TableText::read($request->string('text')->toString());
            $title = trim($request->string('title')->toString());
            $document = NewPiece::document(
                $table,
                $request->string('form', 'donut')->toString(),
                $title !== '' ? $title : ($table->name !== '' ? $table->name : 'New piece'),
            );
            Document::fromJson(json_encode($document, JSON_THROW_ON_ERROR));
        }

        return PieceAnswer::response(Piece::begin($document), 201);
    }

    public function show(Piece $piece): JsonResponse
    {
        return PieceAnswer::response($piece);
    }

    public function update(DocumentRequest $request, Piece $piece): JsonResponse
    {
        $piece->change($request->document(), WantedVersion::of($request));

        return PieceAnswer::response($piece);
    }

    public function duplicate(Piece $piece): JsonResponse
    {
        $document = $piece->document();
        $document->title = mb_substr($piece->title, 0, 190).' copy';

        return PieceAnswer::response(Piece::begin($document), 201);
    }

    public function destroy(Piece $piece): JsonResponse
    {
        $piece->delete();

        return response()->json(['id' => $piece->id]);
    }

    public function restore(Piece $piece): JsonResponse
    {
        $piece->restore();

        return PieceAnswer::response($piece);
    }

    /** @return array<string, mixed> */
    private function drawn(Piece $stored): array
    {
        $entry = ['form' => null, 'length' => '', 'frames' => 1, 'stems' => [], 'reel' => null, 'problem' => null];
        try {
            $piece = Document::fromJson($stored->documentText());
            $entry['form'] = $piece->charts[0]->form->kind ?? null;
            $entry['frames'] = $piece->stage->frames;
            $entry['length'] = Timecode::atFrame(
                $piece->stage->frames,
                FrameRate::ofStage($piece->stage),
                $piece->stage->dropFrame,
            )->toText();
            $drawing = $this->computed->draw($piece);
            $entry['reel'] = Reel::of($drawing, $piece->stage->frames - 1, $piece->stage->frames - 1);
            $entry['stems'] = Sheet::stems($drawing);
        } catch (LupineException $reason) {
            $entry['problem'] = $reason->getMessage();
        }

        return $entry;
    }
}
