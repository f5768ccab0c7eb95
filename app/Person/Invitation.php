<?php

declare(strict_types=1);

namespace App\Person;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use Zebrafinch\Core\Suite\Role;

/**
 * A link that makes one account.
 *
 * @property int $id
 * @property string $email
 * @property string $name
 * @property Role $role
 * @property string $token_hash
 * @property int|null $invited_by
 * @property Carbon $expires_at
 * @property Carbon|null $used_at
 */
final class Invitation extends Model
{
    public const DAYS = 3;

    public const UPDATED_AT = null;

    /** @var list<string> */
    protected $fillable = ['email', 'name', 'role', 'token_hash', 'invited_by', 'expires_at', 'used_at'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['role' => Role::class, 'expires_at' => 'datetime', 'used_at' => 'datetime'];
    }

    /** @return Builder<self> those that are still good */
    public static function open(): Builder
    {
        return self::query()->whereNull('used_at')->where('expires_at', '>', now());
    }
}
