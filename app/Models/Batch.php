<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/**
 * Many tables put into one piece: the hand-offs that were asked for together.
 *
 * @property string $id
 * @property string $piece_id
 * @property string $title
 * @property int $tables
 * @property \Illuminate\Support\Carbon $created_at
 */
final class Batch extends Model
{
    use HasUlids;

    protected $guarded = [];

    /** @var array<string, string> */
    protected $casts = ['tables' => 'integer'];

    /** @return Builder<HandOff> the files that were asked for with it */
    public function files(): Builder
    {
        return HandOff::query()->where('batch_id', $this->id);
    }
}
