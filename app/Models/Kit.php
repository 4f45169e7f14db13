<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A kit of one's own. Each change of it counts, so that pieces can tell which state of it they took.
 *
 * @property string $id
 * @property string $name
 * @property int $revision
 * @property string $document JSON, as docs/kit.schema.json describes it
 */
final class Kit extends Model
{
    public $incrementing = false;

    protected $keyType = 'string';

    protected $guarded = [];

    /** @var array<string, string> */
    protected $casts = ['revision' => 'integer'];
}
