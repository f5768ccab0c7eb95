<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * @property int $id
 * @property int $user_id
 * @property string $name
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

    /** @return HasMany<KeyFile, $this> */
    public function keyFiles(): HasMany
    {
        return $this->hasMany(KeyFile::class);
    }

    /** @return HasMany<Preset, $this> */
    public function presets(): HasMany
    {
        return $this->hasMany(Preset::class);
    }

    /** @return HasMany<MeantClash, $this> */
    public function meantClashes(): HasMany
    {
        return $this->hasMany(MeantClash::class);
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
