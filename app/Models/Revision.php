<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * The whole document after one change.
 *
 * @property int $number
 * @property string $document
 */
final class Revision extends Model
{
    public const UPDATED_AT = null;

    protected $guarded = [];
}
