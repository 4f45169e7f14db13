<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Api\Gone;
use App\Api\TriedKit;
use App\Http\Body;
use App\Http\Reply;
use App\Kits\KitFile;
use App\Kits\KitShelf;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Lupine\Core\Acts\Acts;
use Lupine\Core\Arrangement\Arrange;
use Lupine\Core\Drawing\DrawPiece;
use Lupine\Core\Drawing\WriteReel;
use Lupine\Core\Figures\ImpossibleFigures;
use Lupine\Core\Kit\Kit;
use Lupine\Core\Kit\KitChanges;
use Lupine\Core\Kit\KitOf;
use Lupine\Core\Piece\Piece;
use Lupine\Core\Settings\Field;

/** Kits: looks that are kept for use again. */
final readonly class KitController
{
    public function __construct(private KitShelf $kits, private DrawPiece $drawPiece, private Arrange $arrange)
    {
    }

    public function index(): JsonResponse
    {
        return Reply::of($this->kits->all());
    }

    /** The piece in a kit on one frame, and nothing taken yet. */
    public function tried(Request $request, string $kit): JsonResponse
    {
        $body = Body::of($request);
        $document = $body->document();
        $shape = $body->get('shape');
        $parts = array_map(
            static fn (Field $part): string => $part->oneOf(array_keys(Kit::PARTS)),
            $body->get('parts')->items(count(Kit::PARTS)),
        );
        $entry = $this->kits->entryOf($kit);
        $with = Field::root((object) [
            'kit' => $entry->document,
            'mark' => ['id' => $kit, 'name' => $entry->name, 'parts' => $parts, 'revision' => $entry->revision],
            'lettingGo' => $body->get('lettingGo')->flag(false),
        ], $this->drawPiece->forms);
        [$taken] = Acts::do('take-kit', $with, $document, $body->piece(), $this->drawPiece->forms);
        $mark = $body->piece()->kit;
        $changes = $mark?->id === $kit ? KitChanges::of(
            $document,
            Kit::fromDocument($entry->document, $this->drawPiece->forms),
            $mark->parts,
            $this->drawPiece->forms,
        ) : [];

        return Reply::of(new TriedKit(
            $taken,
            $this->frame(
                Piece::fromDocument($taken, $this->drawPiece->forms),
                $body->get('frame')->whole(0, 18_000, 0),
                $shape->isNull() ? null : $shape->id(),
            ),
            $changes,
        ));
    }

    /** The look of a piece as a kit of its own; or, where one is named, as what that kit is from now on. */
    public function store(Request $request): JsonResponse
    {
        $body = Body::of($request);
        $name = trim($body->get('name')->text(60));
        $kit = KitOf::document(
            $body->document(),
            $name === '' ? 'A look of our own' : $name,
            $this->drawPiece->forms,
        );

        return Reply::of(
            $body->has('kit') ? $this->kits->change($body->get('kit')->id(), $kit) : $this->kits->keep($kit),
            201,
        );
    }

    /** A kit as it is written, such as one that was removed. */
    public function keep(Request $request): JsonResponse
    {
        $kit = Body::of($request)->get('kit');
        $document = $kit->value();

        return Reply::of(
            $this->kits->keep($document instanceof \stdClass ? $document : throw $kit->wrong('must be an object')),
            201,
        );
    }

    public function destroy(string $kit): JsonResponse
    {
        $this->kits->remove($kit);

        return Reply::of(new Gone($kit));
    }

    /** Which kit new pieces begin in. */
    public function begin(Request $request): JsonResponse
    {
        $kit = Body::of($request)->get('kit');
        $this->kits->setDefault($kit->isNull() ? null : $kit->id());

        return Reply::of($this->kits->all());
    }

    /** A kit as one file. */
    public function file(string $kit, KitFile $files): Response
    {
        $entry = $this->kits->entryOf($kit);

        return new Response($files->write($entry->document), 200, [
            'Content-Type' => 'application/zip',
            'Content-Disposition' => sprintf('attachment; filename="%s.lupinekit.zip"', KitFile::nameOf($entry->name)),
        ]);
    }

    /** A kit out of its file. */
    public function bring(Request $request, KitFile $files): JsonResponse
    {
        return Reply::of($this->kits->keep($files->read((string) $request->getContent())), 201);
    }

    private function frame(Piece $piece, int $frame, ?string $shape): ?\stdClass
    {
        try {
            $drawing = $this->drawPiece->draw($this->arrange->piece($piece, $shape), $frame, $frame);
        } catch (ImpossibleFigures) {
            return null;
        }
        $reel = json_decode(json_encode(WriteReel::of($drawing), JSON_THROW_ON_ERROR), false, 512, JSON_THROW_ON_ERROR);
        \assert($reel instanceof \stdClass);

        return $reel;
    }
}
