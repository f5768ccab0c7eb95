<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUuids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * @property string $id
 * @property int $suite_id
 * @property int $user_id
 * @property string $application
 * @property-read Suite $suite
 * @property-read \Illuminate\Database\Eloquent\Collection<int, RehearsalPress> $presses
 */
final class Rehearsal extends Model implements Owned
{
    use HasUuids;

    /** @var list<string> */
    protected $fillable = ['suite_id', 'user_id', 'application'];

    /** @return BelongsTo<Suite, $this> */
    public function suite(): BelongsTo
    {
        return tap($this->belongsTo(Suite::class), static fn (BelongsTo $suite) => $suite->withTrashed());
    }

    /** @return HasMany<RehearsalPress, $this> in the order in which they were pressed */
    public function presses(): HasMany
    {
        return tap($this->hasMany(RehearsalPress::class), static fn (HasMany $relation) => $relation->orderBy('id'));
    }

    public function ownerId(): int
    {
        return $this->user_id;
    }
}
