<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Database\Eloquent\Relations\MorphMany;
use Illuminate\Foundation\Auth\User as Account;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Laravel\Sanctum\HasApiTokens;
use Zebrafinch\Core\Suite\Role;

/**
 * @property int $id
 * @property string $name
 * @property string $email
 * @property Role $role
 * @property string $password
 * @property Carbon|null $disabled_at
 * @property Carbon|null $removed_at  when their data was taken out; the row stands for them in histories
 * @property Carbon|null $password_changed_at
 * @property string|null $second_factor  the shared secret of their time codes
 * @property Carbon|null $second_factor_at  null while it is not confirmed
 * @property int $second_factor_step  the last time step whose code was used
 * @property list<string> $recovery_codes  hashes of those that are left
 * @property int $version
 * @property Carbon $created_at
 * @property-read Kit $kit
 */
final class User extends Account
{
    /** @use HasApiTokens<\Laravel\Sanctum\PersonalAccessToken> */
    use HasApiTokens;

    /** @var list<string> */
    protected $fillable = [
        'name',
        'email',
        'role',
        'password',
        'disabled_at',
        'removed_at',
        'password_changed_at',
        'second_factor',
        'second_factor_at',
        'second_factor_step',
        'recovery_codes',
        'version',
    ];

    /** @var list<string> */
    protected $hidden = ['password', 'second_factor', 'recovery_codes'];

    /** Sessions end with the browser's; nobody is remembered on a shared workstation. */
    protected $rememberTokenName = '';

    /**
     * A new account with its kit: what somebody works with belongs to them from the first moment.
     *
     * @param  array{name: string, email: string, role: Role, password: string}  $attributes
     */
    public static function register(array $attributes): self
    {
        return DB::transaction(static function () use ($attributes): self {
            $user = self::query()->create($attributes);
            $user->kit()->create(['name' => "Kit of {$user->name}"]);

            return $user;
        });
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'role' => Role::class,
            'password' => 'hashed',
            'disabled_at' => 'datetime',
            'removed_at' => 'datetime',
            'password_changed_at' => 'datetime',
            'second_factor' => 'encrypted',
            'second_factor_at' => 'datetime',
            'recovery_codes' => 'array',
        ];
    }

    /** @return Builder<self> those who can sign in */
    public static function active(): Builder
    {
        return self::query()->whereNull('disabled_at')->whereNull('removed_at');
    }

    /** Whoever changes an account, or uses one of its codes, waits for others who do. */
    public static function locked(self $user): self
    {
        return self::query()->lockForUpdate()->findOrFail($user->id);
    }

    public function isActive(): bool
    {
        return $this->disabled_at === null && $this->removed_at === null;
    }

    public function hasSecondFactor(): bool
    {
        return $this->second_factor_at !== null;
    }

    /** @return MorphMany<ScriptToken, $this> */
    public function scriptTokens(): MorphMany
    {
        return $this->morphMany(ScriptToken::class, 'tokenable');
    }

    /** @return HasOne<Kit, $this> */
    public function kit(): HasOne
    {
        return $this->hasOne(Kit::class);
    }
}
