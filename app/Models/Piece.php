<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Facades\DB;

/**
 * A stored piece: its head points at one of its revisions, its version counts every change, undo and redo included.
 *
 * @property string $id
 * @property string $title
 * @property int $version
 * @property int $head
 * @property \Illuminate\Support\Carbon|null $updated_at
 */
final class Piece extends Model
{
    use HasUlids;
    use SoftDeletes;

    protected $guarded = [];

    /** @var array<string, string> */
    protected $casts = ['version' => 'integer', 'head' => 'integer'];

    /** @return HasMany<Revision, $this> */
    public function revisions(): HasMany
    {
        return $this->hasMany(Revision::class);
    }

    /** @param array<string, mixed>|\stdClass $document */
    public static function begin(array|\stdClass $document): self
    {
        return DB::transaction(static function () use ($document): self {
            $piece = self::query()->create(['title' => self::titleOf($document), 'version' => 1, 'head' => 1]);
            $piece->revisions()->create(['number' => 1, 'document' => self::encode($document)]);

            return $piece;
        });
    }

    /** The document as objects, so that an empty object stays one. */
    public function document(): \stdClass
    {
        /** @var \stdClass $document */
        $document = json_decode($this->documentText(), false, 64, JSON_THROW_ON_ERROR);

        return $document;
    }

    public function documentText(): string
    {
        return $this->revisions()->where('number', $this->head)->firstOrFail()->document;
    }

    /**
     * Adds a revision after the head; what had been undone is gone then.
     *
     * @throws VersionConflict where the piece was changed since the version that the caller has
     */
    public function change(\stdClass $document, ?int $version): void
    {
        $this->move($version, function () use ($document): int {
            $this->revisions()->where('number', '>', $this->head)->delete();
            $this->revisions()->create(['number' => $this->head + 1, 'document' => self::encode($document)]);

            return $this->head + 1;
        });
    }

    /**
     * Walks the revisions.
     *
     * @param int $steps −1 to undo, 1 to redo
     *
     * @return bool whether there was one to walk to
     */
    public function walk(int $steps, ?int $version): bool
    {
        $there = $this->revisions()
            ->where('number', $this->head + $steps)
            ->exists();
        if ($there) {
            $this->move($version, fn (): int => $this->head + $steps);
        }

        return $there;
    }

    public function canUndo(): bool
    {
        return $this->head > 1;
    }

    public function canRedo(): bool
    {
        return $this->revisions()->where('number', '>', $this->head)->exists();
    }

    /** @param \Closure(): int $toHead */
    private function move(?int $version, \Closure $toHead): void
    {
        DB::transaction(function () use ($version, $toHead): void {
            $this->refresh();
            if ($version !== null && $version !== $this->version) {
                throw new VersionConflict($this);
            }
            $this->head = $toHead();
            ++$this->version;
            $this->title = self::titleOf($this->document());
            $this->save();
        });
    }

    /** @param array<string, mixed>|\stdClass $document */
    private static function titleOf(array|\stdClass $document): string
    {
        $title = ((array) $document)['title'] ?? null;

        return is_string($title) && trim($title) !== '' ? mb_substr($title, 0, 200) : 'Untitled';
    }

    /** @param array<string, mixed>|\stdClass $document */
    private static function encode(array|\stdClass $document): string
    {
        return json_encode(
            $document,
            JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION,
        );
    }
}
