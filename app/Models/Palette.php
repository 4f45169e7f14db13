<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/**
 * Colours that are kept under a name, in the order in which they are used.
 *
 * @property string $id
 * @property string $name
 * @property list<string> $colours
 * @property int $place among the others
 */
final class Palette extends Model
{
    use HasUlids;

    protected $guarded = [];

    /** @var array<string, string> */
    protected $casts = ['colours' => 'array', 'place' => 'integer'];
}
