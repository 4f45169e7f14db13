<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A font of one's own: one weight, slant and width of a file.
 *
 * @property string $id
 * @property string $source fingerprint of the file
 * @property string $name
 * @property array<string, float> $axes values of the axes of a variable font, by tag
 * @property array<string, mixed> $told what the file says of itself
 */
final class Font extends Model
{
    public $incrementing = false;
    protected $keyType = 'string';
    protected $guarded = [];

    /** @var array<string, string> */
    protected $casts = ['axes' => 'array', 'told' => 'array'];
}
