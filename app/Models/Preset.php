<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * @property int $id
 * @property int $kit_id
 * @property string $name
 * @property-read Kit $kit
 * @property-read \Illuminate\Database\Eloquent\Collection<int, Release> $releases
 */
final class Preset extends Model
{
    /** @var list<string> */
    protected $fillable = ['kit_id', 'name'];

    /** @return BelongsTo<Kit, $this> */
    public function kit(): BelongsTo
    {
        return $this->belongsTo(Kit::class);
    }

    /** @return HasMany<Release, $this> the newest first */
    public function releases(): HasMany
    {
        return tap($this->hasMany(Release::class), static fn (HasMany $relation) => $relation->orderByDesc('number'));
    }
}
