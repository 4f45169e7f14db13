<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Api\BatchEntry;
use App\Api\Batches;
use App\Api\Filling;
use App\Api\Fillings as FillingsAnswer;
use App\Api\Gone;
use App\Api\Verdict as VerdictAnswer;
use App\Api\VerdictProblem;
use App\Api\WrongTable;
use App\Batch\BatchArchive;
use App\Batch\FileNames;
use App\Batch\Fillings;
use App\Batch\Verdict;
use App\Desk\ComputedPiece;
use App\Disk\NoRoom;
use App\Film\FileOrder;
use App\Http\Body;
use App\Http\Refusal;
use App\Http\Reply;
use App\Import\Incoming;
use App\Jobs\MakeFilm;
use App\Models\Batch;
use App\Models\HandOff;
use App\Models\Piece;
use App\Models\WorkStatus;
use App\Work\CancelFilms;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Lupine\Core\Batch\Filled;
use Lupine\Core\Form\Forms;
use Lupine\Core\Piece\Piece as Document;
use Lupine\Core\Settings\Field;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** One piece with many tables, many files in one act. */
final readonly class BatchController
{
    private const BUSY = [WorkStatus::Waiting, WorkStatus::Running];

    /** kinds, shapes and parts of one table */
    private const MOST_ORDERS = 200;

    /** batches that are listed */
    private const LISTED = 20;

    /** failures that are told in a list */
    private const TOLD = 6;

    public function __construct(private ComputedPiece $computed)
    {
    }

    /** What would be made of a piece with tables of files that were read. */
    public function fill(Request $request, Piece $piece, Incoming $incoming): JsonResponse
    {
        $body = Body::of($request);
        $text = $piece->documentText();
        $document = Document::fromJson($text, app(Forms::class));
        $table = $body->get('table')->isNull() ? $document->tables[0]->id ?? '' : $body->get('table')->id();
        $fillings = Fillings::of(
            (object) json_decode($text),
            $document,
            $table,
            $body->get('sources')->items(Fillings::MOST),
            $incoming,
            app(Forms::class),
        );

        return Reply::of(new FillingsAnswer(
            array_map(
                static fn (Filled $one): Filling => new Filling(...get_object_vars($one)),
                $fillings->filled,
            ),
            array_map(static fn (array $one): WrongTable => new WrongTable(...$one), $fillings->wrong),
        ));
    }

    /** What proof says of a document in the shapes that are asked for. */
    public function verdict(Request $request): StreamedResponse
    {
        $body = Body::of($request);
        $piece = $body->piece();
        $text = $body->documentText();
        $shapes = array_map(
            static fn (Field $shape): ?string => $shape->isNull() ? null : $shape->id(),
            $body->get('shapes')->items(8),
        );
        $placed = array_map(
            fn (?string $shape) => $this->computed->placed($piece, $text, $shape),
            $shapes === [] ? [null] : $shapes,
        );

        return Reply::whileWorking(function (\Closure $meanwhile) use ($placed): string {
            $verdict = Verdict::of($this->computed, $placed, $meanwhile);

            return Reply::text(new VerdictAnswer($verdict->frame, $verdict->isExact, array_map(
                static fn (array $problem): VerdictProblem => new VerdictProblem(...$problem),
                $verdict->problems,
            )));
        });
    }

    /** Asks for all files of all tables. */
    public function store(Request $request, Piece $piece): JsonResponse
    {
        $body = Body::of($request);
        $names = FileNames::by($body->get('names')->text(120, FileNames::USUAL));
        $fillings = $body->get('fillings')->items(Fillings::MOST);
        $orders = $body->get('orders')->items(self::MOST_ORDERS);
        $films = [];
        foreach ($fillings as $number => $filling) {
            $text = json_encode(
                $filling->get('document')->value(),
                JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION,
            );
            $document = Document::fromJson($text, app(Forms::class));
            $name = $filling->get('name')->text(200);
            foreach ($orders as $order) {
                $asked = (object) [
                    ...get_object_vars((object) $order->value()),
                    'reading' => $filling->get('reading')->isNull() ? null : $filling->get('reading')->id(),
                ];
                $read = FileOrder::readFrom(Field::root($asked), $document);
                $films[] = self::asked($read, $text, $name, $names, $number + 1);
            }
        }
        $most = (int) config('lupine.films_waiting');
        $waiting = HandOff::query()->where('status', WorkStatus::Waiting)->count();
        if ($waiting + count($films) > $most) {
            throw new NoRoom(sprintf(
                'These are %d files, and %d wait already; %d can wait at once. Choose fewer tables, kinds or shapes, or wait until some are made.',
                count($films),
                $waiting,
                $most,
            ));
        }
        [$batch, $waiting] = DB::transaction(static function () use ($piece, $fillings, $films): array {
            $batch = Batch::query()->create([
                'piece_id' => $piece->id,
                'title' => $piece->title,
                'tables' => count($fillings),
            ]);
            $waiting = [];
            foreach ($films as $film) {
                $waiting[] = HandOff::query()->create([
                    ...$film, 'piece_id' => $piece->id, 'batch_id' => $batch->id,
                ]);
            }

            return [$batch, $waiting];
        });
        array_map(MakeFilm::of(...), $waiting);

        return Reply::of(self::entry($batch), 201);
    }

    /** @return array<string, mixed> a hand-off */
    private static function asked(FileOrder $order, string $text, string $name, FileNames $names, int $number): array
    {
        return [
            'title' => mb_substr($name, 0, 200),
            'filling' => mb_substr($name, 0, 200),
            'status' => WorkStatus::Waiting,
            'kind' => $order->kind,
            'name' => mb_substr($names->of($name, $order->shape ?? '', $order->kind->value, $number), 0, 200),
            'shape' => $order->shape,
            'with_sound' => $order->withSound,
            'options' => $order->options->toArray(),
            'document' => $order->filmed($text),
            'first_frame' => $order->range->from,
            'frames_total' => $order->range->count(),
        ];
    }

    public function index(Piece $piece): JsonResponse
    {
        /** @var Collection<int, Batch> $found */
        $found = Batch::query()->where('piece_id', $piece->id)->orderByDesc('id')->limit(self::LISTED)->get();

        return Reply::of(new Batches(array_values($found->map(self::entry(...))->all())));
    }

    public function cancel(Batch $batch): JsonResponse
    {
        app(CancelFilms::class)->of($batch->files());

        return Reply::of(self::entry($batch));
    }

    /** Makes anew what failed or was cancelled. */
    public function retry(Batch $batch): JsonResponse
    {
        /** @var Collection<int, HandOff> $films */
        $films = $batch->files()->whereIn('status', [WorkStatus::Failed, WorkStatus::Cancelled])->get();
        foreach ($films as $film) {
            $film->waitAgain();
            MakeFilm::of($film);
        }

        return Reply::of(self::entry($batch));
    }

    public function destroy(Batch $batch): JsonResponse
    {
        if ($batch->files()->whereIn('status', self::BUSY)->exists()) {
            return Refusal::answer('Files of this batch are still being made. Cancel them first.', 409);
        }
        Storage::disk('hand-offs')->delete($batch->files()->whereNotNull('file')->pluck('file')->all());
        $batch->files()->delete();
        $batch->delete();

        return Reply::of(new Gone($batch->id));
    }

    public function file(Batch $batch): BinaryFileResponse
    {
        return (new BinaryFileResponse(BatchArchive::of($batch), 200, [
            'Content-Type' => 'application/zip',
            'Content-Disposition' => 'attachment; filename="'.self::archiveName($batch).'"',
        ]))->deleteFileAfterSend();
    }

    private static function archiveName(Batch $batch): string
    {
        $name = trim((string) preg_replace('/[^a-z0-9]+/', '-', mb_strtolower($batch->title)), '-');

        return ($name === '' ? 'batch' : $name).'-files.zip';
    }

    private static function entry(Batch $batch): BatchEntry
    {
        $counts = DB::table('hand_offs')->where('batch_id', $batch->id)
            ->selectRaw('status, count(*) as many, sum(bytes) as bytes')->groupBy('status')->get();
        $of = static function (WorkStatus ...$statuses) use ($counts): int {
            $all = array_map(static fn (WorkStatus $one): string => $one->value, $statuses);

            return (int) $counts->whereIn('status', $all)->sum('many');
        };
        $failing = HandOff::withoutDocument($batch->files())->where('status', WorkStatus::Failed);
        /** @var Collection<int, HandOff> $failures */
        $failures = $failing->orderBy('id')->limit(self::TOLD)->get();

        return new BatchEntry(
            $batch->id,
            $batch->title,
            $batch->tables,
            (int) $counts->sum('many'),
            $of(WorkStatus::Done),
            $of(...self::BUSY),
            $of(WorkStatus::Failed, WorkStatus::Cancelled),
            (int) $counts->sum('bytes'),
            $batch->created_at->toIso8601String(),
            array_values($failures->map(
                static fn (HandOff $film): WrongTable => new WrongTable($film->fileName(), (string) $film->message),
            )->all()),
        );
    }
}
