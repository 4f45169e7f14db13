<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A part of a film that some machine has made, on the shared disk until all are there and joined.
 *
 * @property int $id
 * @property string $hand_off_id
 * @property string $round the order that it is a part of
 * @property int $number from 0
 * @property string $file
 * @property int $bytes
 * @property string $print SHA-256 of the file
 */
final class FilmPart extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    /** @var array<string, string> */
    protected $casts = ['number' => 'integer', 'bytes' => 'integer'];
}
