<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Support\Carbon;
use Laravel\Sanctum\PersonalAccessToken;

/**
 * With which a script asks in somebody's name.
 *
 * @property int $id
 * @property string $name
 * @property list<string> $abilities
 * @property Carbon|null $last_used_at
 * @property Carbon|null $expires_at
 * @property-read User|null $tokenable
 */
final class ScriptToken extends PersonalAccessToken
{
    protected $table = 'personal_access_tokens';
}
