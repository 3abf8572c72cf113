<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Foundation\Auth\User;

/**
 * Who keeps the application. There is one; its password is the passcode of the house.
 *
 * @property int $id
 * @property string $password
 */
final class Keeper extends User
{
    protected $fillable = ['password'];

    protected $hidden = ['password', 'remember_token'];

    protected $casts = ['password' => 'hashed'];
}
