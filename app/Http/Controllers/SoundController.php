<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Api\FoundWords;
use App\Api\Gone;
use App\Api\HeardFile;
use App\Api\Listening as ListeningAnswer;
use App\Api\Pauses;
use App\Api\ScratchRead;
use App\Api\Speaker;
use App\Api\SpeakerList;
use App\Api\Upload;
use App\Api\UploadedPart;
use App\Disk\NoRoom;
use App\Http\Body;
use App\Http\Reply;
use App\Jobs\Listen;
use App\Models\Listening;
use App\Models\WorkStatus;
use App\Voice\Alive;
use App\Voice\SoundStore;
use App\Voice\Speakers;
use App\Voice\Uploads;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Lupine\Core\Settings\Field;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\Response;

/** Sounds that come in, in parts; and as they are played and looked at. */
final readonly class SoundController
{
    private const FOREVER = 'private, max-age=31536000, immutable';

    public function begin(Request $request, Uploads $uploads): JsonResponse
    {
        $body = Body::of($request);
        $id = $uploads->begin((int) $body->get('bytes')->number(0, 1e12), $body->get('name')->text(200));

        return Reply::of(new Upload($id, Uploads::PART), 201);
    }

    public function part(Request $request, Uploads $uploads, string $upload): JsonResponse
    {
        $at = (int) Field::root(['at' => (int) $request->query('at', '0')])->get('at')->number(0, Uploads::MOST);

        return Reply::of(new UploadedPart($uploads->add($upload, $at, (string) $request->getContent())));
    }

    public function drop(Uploads $uploads, string $upload): JsonResponse
    {
        $uploads->drop($upload);

        return Reply::of(new Gone($upload));
    }

    public function speakers(): JsonResponse
    {
        return Reply::of(new SpeakerList(array_map(
            static fn (Speakers $one): Speaker => new Speaker($one->value, $one->shown()),
            Speakers::cases(),
        )));
    }

    /** As a player asks for it, in parts. */
    public function file(SoundStore $store, string $sound): Response
    {
        return new BinaryFileResponse($store->path($sound), 200, [
            'Content-Type' => 'audio/flac',
            'Cache-Control' => self::FOREVER,
        ]);
    }

    /** The level every 2 ms, a byte each. */
    public function levels(SoundStore $store, string $sound): Response
    {
        return response($store->levels($sound), 200, [
            'Content-Type' => 'application/octet-stream',
            'Cache-Control' => self::FOREVER,
        ]);
    }

    /** Where nobody speaks, in milliseconds. */
    public function pauses(SoundStore $store, string $sound): JsonResponse
    {
        return Reply::of(new Pauses($store->pauses($sound)), 200, ['Cache-Control' => self::FOREVER]);
    }

    public function listen(Request $request, Uploads $uploads): JsonResponse
    {
        $body = Body::of($request);
        $kind = $body->get('kind')->oneOf(['file', 'scratch', 'splice', 'words']);
        $busy = [WorkStatus::Waiting, WorkStatus::Running];
        if (Listening::query()->whereIn('status', $busy)->count() >= Listening::AT_ONCE) {
            throw new NoRoom(sprintf(
                '%d sounds wait to be listened to already, the limit. Cancel one at the desk that asked for it, or try again when some are done.',
                Listening::AT_ONCE,
            ));
        }
        if ($kind === 'file') {
            $uploads->take($body->get('upload')->text(40));
        }
        $listening = Listening::query()->create([
            'kind' => $kind,
            'status' => WorkStatus::Waiting,
            'asked' => (string) $request->getContent(),
        ]);
        Listen::dispatch($listening->id);

        return Reply::of(self::answer($listening), 201);
    }

    public function listening(Listening $listening, Alive $alive, Uploads $uploads): JsonResponse
    {
        if ($listening->isLost($alive)) {
            Listening::query()
                ->whereKey($listening->id)
                ->whereIn('status', [WorkStatus::Running, WorkStatus::Cancelling])
                ->update(['status' => WorkStatus::Failed, 'message' => 'Finding words was interrupted. Try again.']);
            $listening->refresh();
            if ($listening->kind === 'file') {
                $uploads->drop(self::uploadOf($listening));
            }
        }

        return Reply::of(self::answer($listening));
    }

    public function cancel(Listening $listening, Uploads $uploads): JsonResponse
    {
        $cancelled = Listening::query()
            ->whereKey($listening->id)
            ->where('status', WorkStatus::Waiting)
            ->update(['status' => WorkStatus::Cancelled]);
        if ($cancelled === 1 && $listening->kind === 'file') {
            $uploads->drop(self::uploadOf($listening));
        }
        Listening::query()
            ->whereKey($listening->id)
            ->where('status', WorkStatus::Running)
            ->update(['status' => WorkStatus::Cancelling]);

        return Reply::of(self::answer($listening->refresh()));
    }

    private static function uploadOf(Listening $listening): string
    {
        return Field::root(json_decode($listening->asked, true))->get('upload')->text(40);
    }

    private static function answer(Listening $listening): ListeningAnswer
    {
        return new ListeningAnswer(
            $listening->id,
            $listening->kind,
            $listening->status,
            $listening->part,
            $listening->doing,
            $listening->message,
            self::resultOf($listening),
        );
    }

    private static function resultOf(Listening $listening): HeardFile|FoundWords|ScratchRead|null
    {
        $result = $listening->result === null ? null : json_decode($listening->result);
        if (!$result instanceof \stdClass) {
            return null;
        }

        return match ($listening->kind) {
            'file', 'splice' => new HeardFile($result->sound, $result->name, $result->seconds, $result->note),
            'words' => new FoundWords($result->heard, $result->unwritten),
            default => new ScratchRead($result->sound, $result->seconds, $result->heard),
        };
    }
}
