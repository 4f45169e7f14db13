<?php

declare(strict_types=1);

namespace App\Desk;

use App\Api\Shelf as ShelfPage;
use App\Api\ShelfEntry;
use App\Api\Starter as StarterAnswer;
use App\Api\Starters;
use App\Models\Piece;
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

    public function __construct(private ComputedPiece $computed, private KeptReels $kept)
    {
    }

    /**
     * @param string $search words to look for in titles; empty: all pieces
     * @param string|null $after where the page before ended, as it said
     *
     * @throws BadPiece where no page can have ended there
     */
    public function page(string $search, ?string $after): ShelfPage
    {
        $pieces = Piece::query();
        foreach (preg_split('/\s+/u', mb_strtolower($search), -1, PREG_SPLIT_NO_EMPTY) ?: [] as $word) {
            $pattern = '%'.strtr($word, ['!' => '!!', '%' => '!%', '_' => '!_']).'%';
            $pieces->whereRaw("title_lower LIKE ? ESCAPE '!'", [$pattern]);
        }
        $count = $pieces->count();
        if ($after !== null) {
            $pieces->whereRaw('(updated_at, id) < (?, ?)', self::place($after));
        }
        /** @var list<Piece> $found */
        $found = Piece::withDocument($pieces)
            ->orderByDesc('updated_at')
            ->orderByDesc('id')
            ->limit(self::PAGE + 1)
            ->get()
            ->all();
        $page = array_slice($found, 0, self::PAGE);
        $last = end($page);

        return new ShelfPage(
            array_map($this->entry(...), $page),
            $count,
            count($found) > count($page) && $last !== false
                ? $last->getRawOriginal('updated_at').'~'.$last->id
                : null,
        );
    }

    /** @return array{string, string} time and id of the last piece of the page before */
    private static function place(string $after): array
    {
        if (preg_match('/^([\d :-]{19})~([0-9a-z]{26})$/Di', $after, $parts) !== 1) {
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
