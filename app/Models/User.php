<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Foundation\Auth\User as Authenticatable;

/**
 * Somebody who may sign in, where Lupine answers others than this machine.
 *
 * @property int $id
 * @property string $name
 * @property string $password hashed
 */
final class User extends Authenticatable
{
    protected $guarded = [];

    protected $hidden = ['password'];

    /** A session ends with its time; nobody stays signed in for ever. */
    protected $rememberTokenName = '';

    /** @var array<string, string> */
    protected $casts = ['password' => 'hashed'];
}
