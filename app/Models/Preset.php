<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Zebrafinch\Core\Preset\Audience;

/**
 * @property int $id
 * @property int $kit_id
 * @property string $name
 * @property Audience $audience
 * @property bool $is_standard  the house standard
 * @property-read Kit $kit
 * @property-read \Illuminate\Database\Eloquent\Collection<int, Release> $releases
 * @property-read \Illuminate\Database\Eloquent\Collection<int, User> $people
 * @property-read Release|null $newest
 */
final class Preset extends Model
{
    /** @var list<string> */
    protected $fillable = ['kit_id', 'name', 'audience', 'is_standard'];

    /** @var array<string, mixed> */
    protected $attributes = ['audience' => 'mine', 'is_standard' => false];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['audience' => Audience::class, 'is_standard' => 'boolean'];
    }

    /** The house standard; null while the house has none. */
    public static function standard(): ?self
    {
        return self::query()->where('is_standard', true)->first();
    }

    /** @return Builder<self> those that somebody sees */
    public static function seenBy(User $user): Builder
    {
        return self::query()->where(
            static fn (Builder $some) => $some
                ->where('audience', Audience::House)
                ->orWhere('kit_id', $user->kit->id)
                ->orWhere(
                    static fn (Builder $shared) => $shared
                        ->where('audience', Audience::People)
                        ->whereHas('people', static fn (Builder $people) => $people->whereKey($user->id)),
                ),
        );
    }

    /** @return BelongsTo<Kit, $this> */
    public function kit(): BelongsTo
    {
        return $this->belongsTo(Kit::class);
    }

    /** @return BelongsToMany<User, $this> whom it is shared with */
    public function people(): BelongsToMany
    {
        return $this->belongsToMany(User::class);
    }

    /** @return HasMany<Release, $this> the newest first */
    public function releases(): HasMany
    {
        return tap($this->hasMany(Release::class), static fn (HasMany $relation) => $relation->orderByDesc('number'));
    }

    /** @return HasOne<Release, $this> */
    public function newest(): HasOne
    {
        return $this->hasOne(Release::class)->ofMany('number', 'max');
    }
}
