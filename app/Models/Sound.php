<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A sound that pieces use.
 *
 * @property string $id the fingerprint of its file (SHA-256)
 * @property string $name of the file that it came as
 * @property float $seconds
 * @property \Illuminate\Support\Carbon $created_at
 */
final class Sound extends Model
{
    public $incrementing = false;

    protected $keyType = 'string';

    protected $guarded = [];

    /** @var array<string, string> */
    protected $casts = ['seconds' => 'float'];
}
