<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/**
 * A film that was asked for: the document as it was then, how far the film is, and where it is when it is done.
 *
 * @property string $id
 * @property string|null $piece_id
 * @property string $title
 * @property string $status waiting, running, cancelling, cancelled, failed or done
 * @property string $document
 * @property int $frames_done
 * @property int $frames_total
 * @property string|null $file
 * @property int|null $bytes
 * @property string|null $message
 * @property \Illuminate\Support\Carbon|null $started_at
 * @property \Illuminate\Support\Carbon|null $heard_at
 * @property \Illuminate\Support\Carbon|null $ended_at
 * @property \Illuminate\Support\Carbon $created_at
 */
final class HandOff extends Model
{
    use HasUlids;

    protected $guarded = [];

    /** @var array<string, string> */
    protected $casts = [
        'frames_done' => 'integer',
        'frames_total' => 'integer',
        'bytes' => 'integer',
        'started_at' => 'datetime',
        'heard_at' => 'datetime',
        'ended_at' => 'datetime',
    ];

    public function secondsLeft(): ?int
    {
        if ($this->status !== 'running' || $this->started_at === null || $this->frames_done < 5) {
            return null;
        }
        $spent = max(0.1, $this->started_at->diffInMilliseconds(now()) / 1000);

        return (int) ceil(($spent / $this->frames_done) * ($this->frames_total - $this->frames_done));
    }

    public function fileName(): string
    {
        return trim((string) preg_replace('/[^\p{L}\p{N}]+/u', '-', mb_strtolower($this->title)), '-').'.mp4';
    }
}
