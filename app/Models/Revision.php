<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * The whole document after one change.
 *
 * @property int $number
 * @property string $document
 * @property string|null $act of the hand that made it; further saves of the same act go into the same revision
 */
final class Revision extends Model
{
    public const UPDATED_AT = null;

    protected $guarded = [];
}
