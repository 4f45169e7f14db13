<?php

declare(strict_types=1);

namespace App\Models;

use App\Desk\DocumentText;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Facades\DB;
use Lupine\Core\Piece\Piece as Document;
use Lupine\Core\Piece\Upgrade;

/**
 * A stored piece: its head points at one of its revisions, its version counts every change, undo and redo included.
 *
 * Revisions are numbered upwards; numbers may be missing where old ones were thinned.
 *
 * @property string $id
 * @property string $title
 * @property string|null $folder of the shelf that it lies in
 * @property int $version
 * @property int $head
 * @property \Illuminate\Support\Carbon|null $updated_at
 * @property \Illuminate\Support\Carbon|null $deleted_at
 * @property string $document_text the document at the head, where it was asked for `withDocument`
 */
final class Piece extends Model
{
    use HasUlids {
        resolveRouteBindingQuery as private queryByUlid;
    }
    use SoftDeletes;

    protected $guarded = [];

    /** @var array<string, string> */
    protected $casts = ['version' => 'integer', 'head' => 'integer'];

    /** @return HasMany<Revision, $this> */
    public function revisions(): HasMany
    {
        return $this->hasMany(Revision::class);
    }

    /**
     * With the document at the head, read by the same statement: another tab cannot come between the two.
     *
     * @param Builder<self> $query
     *
     * @return Builder<self>
     */
    public static function withDocument(Builder $query): Builder
    {
        $document = Revision::query()->select('document')
            ->whereColumn('revisions.piece_id', 'pieces.id')->whereColumn('revisions.number', 'pieces.head');

        $query->addSelect(['pieces.*', 'document_text' => $document]);

        return $query;
    }

    /**
     * @param Builder<self>|self $query
     * @param string|null $field
     *
     * @return Builder<self>
     */
    public function resolveRouteBindingQuery($query, $value, $field = null): Builder
    {
        /** @var Builder<self> $found */
        $found = $this->queryByUlid($query, $value, $field);

        return self::withDocument($found);
    }

    /** @param array<string, mixed>|\stdClass $document */
    public static function begin(array|\stdClass $document): self
    {
        return DB::transaction(static function () use ($document): self {
            $title = self::titleOf($document);
            $piece = self::query()->create(
                ['title' => $title, 'title_lower' => mb_strtolower($title), 'version' => 1, 'head' => 1],
            );
            $text = DocumentText::of($document);
            $piece->revisions()->create(['number' => 1, 'document' => $text]);

            return $piece->holding($text);
        });
    }

    /** The document as objects, so that an empty object stays one. */
    public function document(): \stdClass
    {
        /** @var \stdClass $document */
        $document = Upgrade::of(json_decode($this->documentText(), false, Document::MAX_DEPTH, JSON_THROW_ON_ERROR));

        return $document;
    }

    public function documentText(): string
    {
        return $this->document_text ?? $this->revisions()->where('number', $this->head)->firstOrFail()->document;
    }

    /**
     * Adds a revision after the head, or changes the one at the head where it comes from the same act of the hand and
     * has no name; what had been undone is put aside then. A save that was kept already is not kept again.
     *
     * @param string|null $save by which the same save is known when it comes again, since its answer was lost
     *
     * @return int the version that this save led to; the piece may have gone on since
     *
     * @throws VersionConflict where the piece was changed since the version that the caller has
     */
    public function change(\stdClass $document, int $version, ?string $act = null, ?string $save = null): int
    {
        return DB::transaction(function () use ($document, $version, $act, $save): int {
            $before = $save === null ? null : $this->revisions()->where('save', $save)->value('version');
            if (is_numeric($before)) {
                $this->refresh();

                return (int) $before;
            }
            $this->add($document, $version, $act, $save);

            return $this->version;
        });
    }

    private function add(\stdClass $document, int $version, ?string $act, ?string $save): void
    {
        $text = DocumentText::of($document);
        $this->move($version, function () use ($document, $text, $act, $save, $version): array {
            // What was undone is no step of undo any more, but can be come back to.
            $this->revisions()->where('number', '>', $this->head)->update(['aside' => true]);
            $kept = ['document' => $text, 'save' => $save, 'version' => $version + 1];
            $sameAct = $this->revisions()->where('number', $this->head)->where('act', $act)
                ->whereNull('name');
            $isSameAct = $act !== null && $sameAct->update($kept) > 0;
            $last = $this->revisions()->max('number');
            $number = $isSameAct ? $this->head : (is_numeric($last) ? (int) $last : $this->head) + 1;
            if (!$isSameAct) {
                $its = ['number' => $number, 'made_from' => $this->head, 'act' => $act];
                $this->revisions()->create([...$its, ...$kept]);
            }

            return [$number, $text, self::titleOf($document)];
        });
    }

    /**
     * Walks through the revisions.
     *
     * @param int $steps how many to redo; below 0, to undo. Where there are fewer, it walks to the last of them.
     *
     * @return bool whether there was one to walk to
     *
     * @throws VersionConflict where the piece was changed since the version that the caller has
     */
    public function walk(int $steps, int $version): bool
    {
        return $this->move($version, function () use ($steps): ?array {
            $to = $this->neighbour($steps)->limit(abs($steps))->get(['id', 'number'])->last()?->fresh();
            if ($to === null) {
                return null;
            }
            $title = self::titleOf((object) json_decode($to->document));

            return [$to->number, $to->document, $title];
        });
    }

    /** By which the save is known that led to where the piece is; null where none did, or it had no name. */
    public function lastSave(): ?string
    {
        $save = $this->revisions()->where('number', $this->head)->value('save');

        return is_string($save) ? $save : null;
    }

    public function canUndo(): bool
    {
        return $this->neighbour(-1)->exists();
    }

    public function canRedo(): bool
    {
        return $this->neighbour(1)->exists();
    }

    /** @return HasMany<Revision, $this> */
    private function neighbour(int $direction): HasMany
    {
        $neighbours = $this->revisions();
        $neighbours->where('aside', false);
        $neighbours->where('number', $direction < 0 ? '<' : '>', $this->head);
        $neighbours->orderBy('number', $direction < 0 ? 'desc' : 'asc');

        return $neighbours;
    }

    /** @param \Closure(): (array{int, string, string}|null) $to the head to move to, its document and its title */
    private function move(int $version, \Closure $to): bool
    {
        return DB::transaction(function () use ($version, $to): bool {
            $this->refresh();
            if ($version !== $this->version) {
                throw new VersionConflict($this);
            }
            $found = $to();
            if ($found === null) {
                return false;
            }
            [$head, $document, $title] = $found;
            $this->fill(['head' => $head, 'version' => $this->version + 1]);
            $this->fill(['title' => $title, 'title_lower' => mb_strtolower($title)])->save();
            $this->holding($document);

            return true;
        });
    }

    private function holding(string $document): self
    {
        return $this->setRawAttributes([...$this->getAttributes(), 'document_text' => $document], true);
    }

    /** @param array<string, mixed>|\stdClass $document */
    private static function titleOf(array|\stdClass $document): string
    {
        $title = ((array) $document)['title'] ?? null;

        return is_string($title) && trim($title) !== '' ? mb_substr($title, 0, 200) : 'Untitled';
    }
}
