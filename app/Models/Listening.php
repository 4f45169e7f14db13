<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/**
 * Work on a sound that takes its time: reading a file, speaking a text, finding words.
 *
 * @property string $id
 * @property string $kind file, scratch or words
 * @property string $status waiting, running, cancelling, cancelled, failed or done
 * @property string $asked JSON
 * @property float $part how much is done, 0 to 1
 * @property string $doing in words
 * @property string|null $result JSON
 * @property string|null $message
 * @property \Illuminate\Support\Carbon|null $heard_at
 */
final class Listening extends Model
{
    use HasUlids;

    /** A running one that is silent for so many seconds has lost its worker. */
    public const SILENCE_SECONDS = 30;

    protected $guarded = [];

    /** @var array<string, string> */
    protected $casts = ['part' => 'float', 'heard_at' => 'datetime'];

    public function isLost(): bool
    {
        return in_array($this->status, ['running', 'cancelling'], true)
            && ($this->heard_at === null || $this->heard_at->diffInSeconds(now()) > self::SILENCE_SECONDS);
    }
}
