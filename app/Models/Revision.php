<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Lupine\Core\Piece\Piece as Document;
use Lupine\Core\Piece\Upgrade;

/**
 * The whole document after one change.
 *
 * @property int $number
 * @property string $document
 * @property string|null $name that it was given; then it is kept for ever
 * @property bool $aside whether it was undone before something else was done: no step of undo or redo leads to it
 * @property int|null $made_from number of the revision that it was made from; null: the one before it
 * @property \Illuminate\Support\Carbon|null $created_at
 * @property string|null $act of the hand that made it; further saves of the same act go into the same revision
 */
final class Revision extends Model
{
    public const UPDATED_AT = null;

    protected $guarded = [];

    /** @var array<string, string> */
    protected $casts = ['number' => 'integer', 'aside' => 'boolean', 'made_from' => 'integer'];

    public const LONGEST_NAME = 80;

    /** The document as this version of Lupine writes it, its objects as objects. */
    public function plain(): \stdClass
    {
        /** @var \stdClass $document */
        $document = Upgrade::of(json_decode($this->document, false, Document::MAX_DEPTH, JSON_THROW_ON_ERROR));

        return $document;
    }
}
