<?php

declare(strict_types=1);

namespace App\Models;

use App\Film\FileKind;
use App\Film\FileOptions;
use App\Work\Ticket;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/**
 * A film that was asked for: the document as it was then, how far the film is, and where it is when it is done.
 *
 * @property string $id
 * @property string|null $piece_id
 * @property string $title
 * @property WorkStatus $status
 * @property string $document
 * @property int $tries how often its file came damaged
 * @property string $round a name of the order that counts; another one when it is made again
 * @property int $parts that machines make it in; 0: it is made by one
 * @property string|null $print SHA-256 of the file
 * @property string|null $machine that makes it, or has made it
 * @property FileKind $kind
 * @property string $name of its file, without the ending; empty for the title
 * @property string|null $shape of the stage; null: the piece's own
 * @property bool $with_sound whether the narrator is heard in it
 * @property string|null $batch_id that it was asked for with
 * @property string|null $filling the name of the table that it is made with, in a batch
 * @property array<string, mixed>|null $options how it is made beside that
 * @property int $first_frame of the piece
 * @property int $frames_done
 * @property int $frames_total
 * @property string|null $file
 * @property int|null $bytes
 * @property string|null $message
 * @property \Illuminate\Support\Carbon|null $started_at
 * @property \Illuminate\Support\Carbon|null $ended_at
 * @property \Illuminate\Support\Carbon $created_at
 */
final class HandOff extends Model
{
    use HasUlids {
        resolveRouteBindingQuery as private queryByUlid;
    }

    protected $guarded = [];

    /** @var array<string, string> */
    protected $casts = [
        'status' => WorkStatus::class,
        'kind' => FileKind::class,
        'tries' => 'integer',
        'parts' => 'integer',
        'with_sound' => 'boolean',
        'options' => 'array',
        'first_frame' => 'integer',
        'frames_done' => 'integer',
        'frames_total' => 'integer',
        'bytes' => 'integer',
        'started_at' => 'datetime',
        'ended_at' => 'datetime',
    ];

    /**
     * All but the document, which can be large and is needed by the film's own job alone.
     *
     * @param Builder<self> $query
     *
     * @return Builder<self>
     */
    public static function withoutDocument(Builder $query): Builder
    {
        $query->select([
            'id', 'piece_id', 'title', 'status', 'kind', 'name', 'shape', 'with_sound', 'options', 'tries', 'batch_id', 'filling',
            'first_frame', 'frames_done', 'frames_total', 'file', 'bytes', 'message',
            'started_at', 'ended_at', 'created_at', 'updated_at', 'round', 'print', 'machine', 'parts',
        ]);

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

        return self::withoutDocument($found);
    }

    /** As it was when it was asked for: nothing of it is made, and nothing has failed. */
    public function waitAgain(): void
    {
        $this->update([
            'status' => WorkStatus::Waiting,
            'frames_done' => 0,
            'tries' => 0,
            'machine' => null,
            'message' => null,
            'started_at' => null,
            'ended_at' => null,
        ]);
    }

    /** @return non-empty-list<string> keys of the tickets that it is made by */
    public function keys(): array
    {
        return $this->parts === 0 ? [$this->round] : array_map(
            fn (int $part): string => Ticket::keyOf($this->round, $part),
            range(0, $this->parts - 1),
        );
    }

    public function fileOptions(): FileOptions
    {
        return FileOptions::fromArray($this->options);
    }

    public function secondsLeft(): ?int
    {
        if ($this->status !== WorkStatus::Running || $this->started_at === null || $this->frames_done < 5) {
            return null;
        }
        $spent = max(0.1, $this->started_at->diffInMilliseconds(now()) / 1000);

        return (int) ceil(($spent / $this->frames_done) * ($this->frames_total - $this->frames_done));
    }

    public function fileName(): string
    {
        $titled = mb_strtolower($this->title).($this->shape === null ? '' : '-'.$this->shape);
        $wanted = $this->name !== '' ? $this->name : $titled;
        $name = trim((string) preg_replace('/[^\p{L}\p{N}_]+/u', '-', $wanted), '-');

        return ($name === '' ? 'film' : $name).$this->kind->traits()->suffix.'.'.$this->kind->traits()->ending;
    }
}
