<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Api\Gone;
use App\Api\MovedPiece;
use App\Desk\ComputedPiece;
use App\Desk\DocumentText;
use App\Desk\Shelf;
use App\Desk\Starter;
use App\Http\Body;
use App\Http\PieceAnswer;
use App\Http\Reply;
use App\Http\WantedVersion;
use App\Import\Incoming;
use App\Kits\KitShelf;
use App\Models\Piece;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Lupine\Core\Acts\Acts;
use Lupine\Core\Form\Forms;
use Lupine\Core\Formats\FirstForm;
use Lupine\Core\Formats\NewChart;
use Lupine\Core\Formats\NewPiece;
use Lupine\Core\Formats\NewRun;
use Lupine\Core\Formats\TableText;
use Lupine\Core\Formats\ToldPiece;
use Lupine\Core\Import\Choices;
use Lupine\Core\Import\RowColours;
use Lupine\Core\Kit\Kit;
use Lupine\Core\Piece\Piece as Document;
use Lupine\Core\Script\WrittenScript;
use Lupine\Core\Settings\BadPiece;
use Lupine\Core\Settings\Field;

final readonly class PieceController
{
    private const LONGEST_ACT = 40;
    private const LONGEST_FOLDER = 60;

    /** A page of the shelf, newest first, of all pieces or of those whose title has the searched words in it. */
    public function index(Request $request, Shelf $shelf): JsonResponse
    {
        $asked = Field::root($request->query());
        $search = trim($asked->get('search')->text(200, ''));
        $said = static fn (string $name, int $longest): ?string => $asked->get($name)->isNull()
            ? null
            : $asked->get($name)->text($longest);
        $sort = $asked->get('sort')->oneOf(array_keys(Shelf::SORTS), 'changed');

        return Reply::of($shelf->page($search, $said('after', 500), $said('folder', self::LONGEST_FOLDER), $sort));
    }

    public function starters(Shelf $shelf): JsonResponse
    {
        return Reply::of($shelf->starters());
    }

    public function store(Request $request): JsonResponse
    {
        $body = Body::of($request);
        $document = match (true) {
            $body->has('document') => $body->document(),
            $body->has('starter') => (object) json_decode(Starter::text($body->get('starter')->text(40))),
            $body->has('told') => $this->begun(self::fromTelling($body)),
            default => $this->begun(self::fromTable($body)),
        };

        return PieceAnswer::response(Piece::begin($document), 201);
    }

    /**
     * A new piece in the kit that new pieces begin in, if there is one.
     *
     * @param array<string, mixed>|\stdClass $document
     */
    private function begun(array|\stdClass $document): \stdClass
    {
        $plain = $document instanceof \stdClass ? $document : json_decode(json_encode($document, JSON_THROW_ON_ERROR));
        \assert($plain instanceof \stdClass);
        $kits = app(KitShelf::class);
        $id = $kits->default();
        if ($id === null) {
            return $plain;
        }
        $forms = app(Forms::class);
        $kit = $kits->entryOf($id);
        $with = Field::root((object) [
            'kit' => $kit->document,
            'mark' => [
                'id' => $id,
                'name' => $kit->name,
                'parts' => array_keys(Kit::PARTS),
                'revision' => $kit->revision,
            ],
            'lettingGo' => false,
        ], $forms);

        return Acts::do('take-kit', $with, $plain, Document::fromDocument($plain, $forms), $forms)[0];
    }

    public function show(Piece $piece): JsonResponse
    {
        return PieceAnswer::response($piece);
    }

    /**
     * What the desk opens with: the piece, and what is computed of it around a frame, or where all figures have come;
     * null where that is refused.
     */
    public function desk(Request $request, Piece $piece, ComputedPiece $computed): Response
    {
        $asked = Field::root($request->query())->get('frame');
        $frame = $asked->isNull() ? null : max(0, (int) $asked->text(6));
        $answer = Reply::text(PieceAnswer::of($piece));
        try {
            // As the desk will send it: what is computed for one is kept for the other.
            $placed = $computed->read(DocumentText::of($piece->document()));
            $desk = $computed->forDesk($placed, $frame, true);
        } catch (BadPiece) {
            $desk = 'null';
        }

        return response(sprintf('{"piece":%s,"computed":%s}', $answer, $desk), 200, [
            'Content-Type' => 'application/json',
        ]);
    }

    public function update(Request $request, Piece $piece): JsonResponse
    {
        $version = WantedVersion::of($request, $piece);
        $body = Body::of($request);
        $act = $body->get('act')->isNull() ? null : $body->get('act')->text(self::LONGEST_ACT);
        $save = $body->get('save')->isNull() ? null : $body->get('save')->text(self::LONGEST_ACT);

        return PieceAnswer::ofSave($piece, $piece->change($body->document(), $version, $act, $save));
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

        return Reply::of(new Gone($piece->id));
    }

    /** Into a folder of the shelf, or out of all of them. */
    public function move(Request $request, Piece $piece): JsonResponse
    {
        $folder = trim(Body::of($request)->get('folder')->text(self::LONGEST_FOLDER, ''));
        // Where it lies is no change of the piece.
        $piece->timestamps = false;
        $piece->update(['folder' => $folder === '' ? null : $folder]);

        return Reply::of(new MovedPiece($piece->id, $piece->folder));
    }

    public function bin(Shelf $shelf): JsonResponse
    {
        return Reply::of($shelf->bin());
    }

    /** Deletes what lies in the bin for good. */
    public function discard(Piece $piece): JsonResponse
    {
        if (!$piece->trashed()) {
            throw new BadPiece('This piece is on the shelf. Delete it there first.', 'piece');
        }
        $piece->forceDelete();

        return Reply::of(new Gone($piece->id));
    }

    public function restore(Piece $piece): JsonResponse
    {
        $piece->restore();

        return PieceAnswer::response($piece);
    }

    /**
     * A text, and the table that it tells as it was taken or changed.
     *
     * @return array<string, mixed>
     */
    private static function fromTelling(Body $body): array
    {
        $forms = app(Forms::class);
        $told = $body->get('told');
        $rows = $told->get('rows')->items(60);
        $text = implode("\n", array_map(
            static fn (Field $row): string => $row->get('label')->text(200)."\t".$row->get('cell')->text(60),
            $rows,
        ));
        $title = trim($told->get('title')->text(200, ''));
        $whole = $body->get('whole')->isNull() ? null : $body->get('whole')->text(200);
        $document = ToldPiece::document(
            WrittenScript::read($told->get('text')->long(TableText::MAX_BYTES)),
            TableText::understood($text)->table->withWhole($whole),
            $forms->named($body->get('form')->oneOf($forms->names(), 'donut')),
            $title !== '' ? $title : Document::UNNAMED,
            array_map(
                static fn (Field $row): array => [$row->get('line')->whole(0, 400), $row->get('word')->whole(0, 400)],
                $rows,
            ),
        );
        Document::fromJson(json_encode($document, JSON_THROW_ON_ERROR), $forms);

        return $document;
    }

    private static function fromTable(Body $body): \stdClass
    {
        $forms = app(Forms::class);
        $form = $body->get('form')->oneOf($forms->names(), 'donut');
        $title = trim($body->get('title')->text(200, ''));
        $whole = $body->get('whole')->isNull() ? null : $body->get('whole')->text(200);
        $taken = $body->has('import')
            ? app(Incoming::class)->taken($body->get('import'))
            : TableText::understood(
                $body->get('text')->long(TableText::MAX_BYTES, ''),
                numbers: Choices::numbersOf($body->get('numbers')),
            );
        $table = $taken->table->withWhole($whole);
        $document = NewPiece::document(
            $table,
            $forms->named($form),
            $title !== '' ? $title : ($table->name !== '' ? $table->name : Document::UNNAMED),
            RowColours::of($table, $taken->colours, NewChart::SWATCH),
            $taken->title !== '' ? $taken->title : ($body->has('import') ? $title : ''),
            $taken->title === '' && ($title === '' || $body->has('import')),
        );
        $plain = json_decode(json_encode($document, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION));
        \assert($plain instanceof \stdClass);
        if ($form === 'bars' && $body->get('run')->flag(false) && FirstForm::hasMoments($table)) {
            NewRun::through($plain, $table);
        }
        Document::fromDocument($plain, $forms);

        return $plain;
    }
}
