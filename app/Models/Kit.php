<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * @property int $id
 * @property int $user_id
 * @property string $name
 * @property-read User $user
 */
final class Kit extends Model
{
    /** @var list<string> */
    protected $fillable = ['user_id', 'name'];

    /** @return HasMany<Keymap, $this> */
    public function keymaps(): HasMany
    {
        return $this->hasMany(Keymap::class);
    }

    /** @return HasMany<Preset, $this> */
    public function presets(): HasMany
    {
        return $this->hasMany(Preset::class);
    }

    /** @return HasMany<Follow, $this> */
    public function follows(): HasMany
    {
        return $this->hasMany(Follow::class);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** Whoever gives a name or takes a keymap into use waits for others who do, so that what is looked up before stays true. */
    public static function lock(int $id): void
    {
        self::query()->lockForUpdate()->findOrFail($id);
    }

    /** The keymap of one application that its owner works with; null while that is the factory one. */
    public function inUse(string $application): ?Keymap
    {
        return $this->keymaps()->where('application', $application)->where('in_use', true)->first();
    }

    /** @return Collection<string, Keymap> by application, where that is not the factory one */
    public function allInUse(): Collection
    {
        return $this->keymaps()->where('in_use', true)->get()->keyBy('application');
    }
}
