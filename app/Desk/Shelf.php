<?php

declare(strict_types=1);

namespace App\Desk;

use App\Api\Bin;
use App\Api\BinEntry;
use App\Api\Shelf as ShelfPage;
use App\Api\ShelfEntry;
use App\Api\ShelfFolder;
use App\Api\Starter as StarterAnswer;
use App\Api\Starters;
use App\Models\Piece;
use App\Tidy\Leftovers;
use Lupine\Core\Desk\ChartSheet;
use Lupine\Core\Desk\Stem;
use Lupine\Core\Drawing\WriteReel;
use Lupine\Core\Form\Forms;
use Lupine\Core\LupineException;
use Lupine\Core\Motion\FrameRate;
use Lupine\Core\Motion\Timecode;
use Lupine\Core\Piece\Piece as Document;
use Lupine\Core\Settings\BadPiece;
use Lupine\Core\Settings\Json;

/** The pieces, newest first, each with a reel of its last frame and the widths of its stems. */
final readonly class Shelf
{
    private const PAGE = 24;
    private const MOST_BINNED = 500;

    public function __construct(private ComputedPiece $computed, private KeptReels $kept)
    {
    }

    /** How the shelf can be sorted: by a column, and whether the greatest comes first. */
    public const SORTS = [
        'changed' => ['updated_at', true],
        'made' => ['created_at', true],
        'title' => ['title_lower', false],
    ];

    /**
     * @param string $search words to look for in titles; empty: all pieces
     * @param string|null $folder whose pieces alone are shown; null: all
     * @param string $sort one of SORTS
     * @param string|null $after where the page before ended, as it said
     *
     * @throws BadPiece where no page can have ended there
     */
    public function page(string $search, ?string $after, ?string $folder = null, string $sort = 'changed'): ShelfPage
    {
        [$column, $isFalling] = self::SORTS[$sort] ?? self::SORTS['changed'];
        $pieces = Piece::query();
        foreach (preg_split('/\s+/u', mb_strtolower($search), -1, PREG_SPLIT_NO_EMPTY) ?: [] as $word) {
            $pattern = '%'.strtr($word, ['!' => '!!', '%' => '!%', '_' => '!_']).'%';
            $pieces->whereRaw("title_lower LIKE ? ESCAPE '!'", [$pattern]);
        }
        if ($folder !== null) {
            $pieces->where('folder', $folder);
        }
        $count = $pieces->count();
        if ($after !== null) {
            $than = $isFalling ? '<' : '>';
            $pieces->whereRaw("({$column}, id) {$than} (?, ?)", self::place($after));
        }
        $way = $isFalling ? 'desc' : 'asc';
        /** @var list<Piece> $found */
        $found = Piece::withDocument($pieces)
            ->orderBy($column, $way)
            ->orderBy('id', $way)
            ->limit(self::PAGE + 1)
            ->get()
            ->all();
        $page = array_slice($found, 0, self::PAGE);
        $last = end($page);
        $ended = $last === false ? '' : $last->getRawOriginal($column);

        return new ShelfPage(
            array_map($this->entry(...), $page),
            $count,
            count($found) > count($page) && $last !== false && is_string($ended) ? $ended.'~'.$last->id : null,
            self::folders(),
            Piece::onlyTrashed()->count(),
        );
    }

    /** @return list<ShelfFolder> */
    private static function folders(): array
    {
        /** @var array<string, int> $counts */
        $counts = Piece::query()->whereNotNull('folder')->selectRaw('folder, count(*) as count')
            ->groupBy('folder')->pluck('count', 'folder')->all();
        ksort($counts, SORT_NATURAL | SORT_FLAG_CASE);

        return array_map(
            static fn (string $name, int $count): ShelfFolder => new ShelfFolder($name, $count),
            array_map('strval', array_keys($counts)),
            array_values($counts),
        );
    }

    /** What was deleted and can be put back. */
    public function bin(): Bin
    {
        /** @var list<Piece> $pieces */
        $pieces = Piece::onlyTrashed()->orderByDesc('deleted_at')->orderByDesc('id')
            ->limit(self::MOST_BINNED)->get()->all();

        return new Bin(array_map(
            static fn (Piece $piece): BinEntry => new BinEntry(
                $piece->id,
                $piece->title,
                $piece->folder,
                $piece->deleted_at?->toIso8601String(),
                max(0, (int) ceil(now()->diffInDays($piece->deleted_at?->addDays(Leftovers::DELETED_DAYS)))),
            ),
            $pieces,
        ), Leftovers::DELETED_DAYS);
    }

    /** @return array{string, string} what the last piece of the page before was sorted by, and its id */
    private static function place(string $after): array
    {
        if (preg_match('/^(.{0,400})~([0-9a-z]{26})$/Dsu', $after, $parts) !== 1) {
            throw new BadPiece('There is no such page of the shelf. Begin with the first.', 'after');
        }

        return [$parts[1], $parts[2]];
    }

    /** Ready-made pieces to begin from. */
    public function starters(): Starters
    {
        return new Starters(array_map(function (string $name): StarterAnswer {
            $text = Starter::text($name);
            $entry = $this->picture($text);
            $kit = Json::text(Json::object((object) json_decode($text), 'kit'), 'name');

            return new StarterAnswer(
                $name,
                $entry->title ?? $name,
                $entry->form,
                $kit === '' ? null : $kit,
                $entry->reel,
            );
        }, Starter::names()));
    }

    private function entry(Piece $piece): ShelfEntry
    {
        $entry = $this->picture($piece->documentText());

        return new ShelfEntry(
            $piece->id,
            $piece->version,
            $piece->title,
            $piece->folder,
            $piece->updated_at?->toIso8601String(),
            $entry->form,
            $entry->length,
            $entry->frames,
            array_values(array_map(
                static fn (\stdClass $stem): Stem => new Stem($stem->colour, $stem->points),
                $entry->stems,
            )),
            $entry->reel,
            $entry->ground,
            $entry->problem,
        );
    }

    /** How a document looks on its last frame, as text of a reel; null where it cannot be drawn. */
    public function reelOf(string $text): ?string
    {
        $reel = $this->picture($text)->reel;

        return $reel === null ? null : json_encode($reel, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
    }

    private function picture(string $text): \stdClass
    {
        // Drawing takes a while; a piece looks the same until its version changes.
        return (object) json_decode(
            $this->kept->remember(
                'shelf',
                $text,
                'last',
                fn (): string => json_encode(
                    $this->drawn($text),
                    JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
                ),
            ),
        );
    }

    /** @return array<string, mixed> */
    private function drawn(string $text): array
    {
        $entry = ['form' => null, 'length' => '', 'frames' => 1, 'stems' => [], 'reel' => null, 'ground' => null,
            'problem' => null];
        try {
            $piece = Document::fromJson($text, app(Forms::class));
            $stage = $piece->stage;
            $entry['title'] = $piece->title;
            $entry['form'] = $piece->charts[0]->form->kind ?? null;
            $entry['ground'] = $piece->backdrop->kind === 'transparent' ? $piece->backdrop->preview : null;
            $entry['frames'] = $stage->frames;
            $entry['length'] = Timecode::atFrame(
                $stage->frames,
                FrameRate::ofStage($stage),
                $stage->dropFrame,
            )->toText();
            $drawing = $this->computed->draw(
                $this->computed->placed($piece, $text),
                $stage->frames - 1,
                $stage->frames - 1,
            );
            $entry['reel'] = WriteReel::of($drawing);
            $entry['stems'] = ChartSheet::stems($piece, $drawing->timings);
        } catch (LupineException $reason) {
            $entry['problem'] = $reason->getMessage();
        }

        return $entry;
    }
}
