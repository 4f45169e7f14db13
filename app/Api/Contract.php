<?php

declare(strict_types=1);

namespace App\Api;

/** What is answered where: a route by its method and path, and the class of its answer. */
final readonly class Contract
{
    public const ROUTES = [
        'POST figures/read' => ReadTable::class,
        'POST tables' => IncomingTable::class,
        'POST tables/sheet' => IncomingTable::class,
        'POST tables/again' => PlannedFigures::class,
        'POST forms' => FormChoices::class,
        'GET forms/{form}/properties' => Properties::class,
        'POST arrangements' => ArrangementChoices::class,
        'POST acts/{act}' => Acted::class,
        'POST charts' => Acted::class,
        'POST colours' => Swatches::class,
        'POST numbers/read' => ReadNumber::class,
        'POST compute' => Computed::class,
        'POST compute/at' => FiguresNow::class,
        'POST compute/alternative' => MadeAlternative::class,
        'POST compute/proof' => Proof::class,
        'POST script/read' => ReadScript::class,
        'POST script/tell' => ToldTable::class,
        'POST script/lay' => LaidLines::class,
        'POST pictures' => KeptPicture::class,
        'POST tiles' => ReadTile::class,
        'POST uploads' => Upload::class,
        'PUT uploads/{upload}' => UploadedPart::class,
        'DELETE uploads/{upload}' => Gone::class,
        'GET speakers' => SpeakerList::class,
        'GET sounds/{sound}/pauses' => Pauses::class,
        'POST listenings' => Listening::class,
        'GET listenings/{listening}' => Listening::class,
        'POST listenings/{listening}/cancel' => Listening::class,
        'GET kits' => Kits::class,
        'POST kits' => KitEntry::class,
        'POST kits/kept' => KitEntry::class,
        'PUT kits/default' => Kits::class,
        'POST kits/file' => KitEntry::class,
        'POST kits/{kit}/tried' => TriedKit::class,
        'DELETE kits/{kit}' => Gone::class,
        'GET fonts' => Fonts::class,
        'POST fonts' => FontEntry::class,
        'POST fonts/samples' => FontSamples::class,
        'POST fonts/{font}/cut' => FontEntry::class,
        'DELETE fonts/{font}' => Gone::class,
        'GET palettes' => Palettes::class,
        'POST palettes' => Palettes::class,
        'POST palettes/read' => PaletteEntry::class,
        'POST palettes/made' => Swatches::class,
        'PUT palettes/order' => Palettes::class,
        'PUT palettes/{palette}' => Palettes::class,
        'DELETE palettes/{palette}' => Gone::class,
        'POST colours/apart' => ApartColours::class,
        'GET starters' => Starters::class,
        'GET pieces' => Shelf::class,
        'POST pieces' => StoredPiece::class,
        'GET pieces/{piece}' => StoredPiece::class,
        'PUT pieces/{piece}' => SavedPiece::class,
        'DELETE pieces/{piece}' => Gone::class,
        'PUT pieces/{piece}/folder' => MovedPiece::class,
        'GET bin' => Bin::class,
        'DELETE bin/{piece}' => Gone::class,
        'POST pieces/{piece}/restore' => StoredPiece::class,
        'POST pieces/{piece}/duplicate' => StoredPiece::class,
        'POST pieces/{piece}/undo' => StoredPiece::class,
        'POST pieces/{piece}/redo' => StoredPiece::class,
        'GET pieces/{piece}/versions' => Versions::class,
        'GET pieces/{piece}/versions/{version}' => OneVersion::class,
        'PUT pieces/{piece}/versions/{version}' => VersionEntry::class,
        'POST versions/compared' => ComparedVersions::class,
        'GET pieces/{piece}/desk' => OpenedPiece::class,
        'POST session' => Session::class,
        'DELETE session' => Session::class,
        'POST session/others' => Session::class,
        'GET hand-offs' => HandOffs::class,
        'POST pieces/{piece}/hand-offs' => HandOff::class,
        'POST pieces/{piece}/estimates' => Estimate::class,
        'POST pieces/{piece}/fillings' => Fillings::class,
        'POST compute/verdict' => Verdict::class,
        'GET pieces/{piece}/batches' => Batches::class,
        'POST pieces/{piece}/batches' => BatchEntry::class,
        'POST batches/{batch}/cancel' => BatchEntry::class,
        'POST batches/{batch}/retry' => BatchEntry::class,
        'DELETE batches/{batch}' => Gone::class,
        'POST queue/pause' => PausedQueue::class,
        'POST hand-offs/{handOff}/next' => HandOff::class,
        'POST hand-offs/cancel' => CancelledFilms::class,
        'GET hand-offs/{handOff}' => HandOff::class,
        'POST hand-offs/{handOff}/cancel' => HandOff::class,
        'POST hand-offs/{handOff}/retry' => HandOff::class,
        'DELETE hand-offs/{handOff}' => Gone::class,
    ];

    /** What is answered where something is wrong, by status. */
    public const REFUSALS = [412 => Conflict::class, 0 => Refused::class];

    /** Routes that answer part by part, each part a line of JSON (NDJSON), and the class of a part. */
    public const STREAMS = ['POST compute/live' => LivePart::class];

    /** Routes that answer with a reel, whose format docs/reel.md describes. */
    public const REELS = [
        'POST compute/filmed',
        'POST coats',
        'POST grounds',
        'GET pieces/{piece}/reel',
        'GET pieces/{piece}/versions/{version}/reel',
    ];

    /** Routes that answer with files and pictures. */
    public const FILES = [
        'GET fonts/{font}/file',
        'GET kits/{kit}/file',
        'GET sounds/{sound}.flac',
        'GET sounds/{sound}/levels',
        'GET pieces/{piece}/still.svg',
        'GET pieces/{piece}/still.png',
        'GET batches/{batch}/file',
        'GET hand-offs/{handOff}/file',
        'GET hand-offs/{handOff}/picture',
        'GET pictures/{picture}',
    ];
}
