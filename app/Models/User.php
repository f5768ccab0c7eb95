<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Foundation\Auth\User as Account;

/**
 * @property int $id
 * @property string $name
 * @property string $email
 * @property Role $role
 * @property string $password
 * @property-read Kit $kit
 */
final class User extends Account
{
    /** @var list<string> */
    protected $fillable = ['name', 'email', 'role', 'password'];

    /** @var list<string> */
    protected $hidden = ['password'];

    /** Sessions end with the browser's; nobody is remembered on a shared workstation. */
    protected $rememberTokenName = '';

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['role' => Role::class, 'password' => 'hashed'];
    }

    /** @return HasOne<Kit, $this> */
    public function kit(): HasOne
    {
        return $this->hasOne(Kit::class);
    }
}
