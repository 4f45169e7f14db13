<?php

declare(strict_types=1);

namespace App\Models;

use App\Voice\Alive;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/**
 * Work on a sound that takes its time: reading a file, speaking a text, finding words.
 *
 * @property string $id
 * @property string $kind file, scratch, splice or words
 * @property WorkStatus $status
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

    /** so many can wait at once, running ones counted */
    public const AT_ONCE = 40;

    protected $guarded = [];

    /** @var array<string, string> */
    /** @var array<string, mixed> */
    protected $attributes = ['part' => 0.0, 'doing' => ''];

    /** @var array<string, string> */
    protected $casts = ['status' => WorkStatus::class, 'part' => 'float', 'heard_at' => 'datetime'];

    /** Whether it began, and what worked on it has ended. */
    public function isLost(Alive $alive): bool
    {
        return $this->status->isUnderWay() && !$alive->isHeld($this->id);
    }
}
