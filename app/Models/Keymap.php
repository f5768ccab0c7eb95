<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsBindings;
use App\Models\Casts\AsBytes;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\MassPrunable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;
use Zebrafinch\Core\Keymap\Bindings;
use Zebrafinch\Core\Keymap\EditKind;

/**
 * @property int $id
 * @property int $kit_id
 * @property string $application
 * @property string $name
 * @property bool $in_use
 * @property int $version
 * @property string $source
 * @property Bindings $bindings
 * @property int|null $parent_id
 * @property Bindings $base what its steps are made on: those of its key file, or of the keymap that it follows
 * @property Bindings $saved_bindings
 * @property Carbon $saved_at
 * @property list<string> $tags
 * @property Carbon|null $deleted_at
 * @property Carbon $created_at
 * @property Carbon $updated_at
 * @property-read Kit $kit
 * @property-read Keymap|null $parent
 */
final class Keymap extends Model implements Owned
{
    use BelongsToKit, MassPrunable, SoftDeletes;

    public const DAYS_TO_RESTORE = 30;

    /** @var list<string> */
    protected $fillable = [
        'kit_id',
        'application',
        'name',
        'in_use',
        'version',
        'source',
        'bindings',
        'parent_id',
        'base',
        'saved_bindings',
        'saved_at',
        'tags',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'source' => AsBytes::class,
            'in_use' => 'boolean',
            'bindings' => AsBindings::class,
            'base' => AsBindings::class,
            'saved_bindings' => AsBindings::class,
            'saved_at' => 'datetime',
            'tags' => 'array',
        ];
    }

    /** @return Builder<self> those that were deleted too long ago to be restored */
    public function prunable(): Builder
    {
        return self::onlyTrashed()->where('deleted_at', '<', now()->subDays(self::DAYS_TO_RESTORE));
    }

    /** @return BelongsTo<Keymap, $this> the keymap that this one follows */
    public function parent(): BelongsTo
    {
        return $this->belongsTo(self::class, 'parent_id');
    }

    /** @return HasMany<Keymap, $this> */
    public function followers(): HasMany
    {
        return $this->hasMany(self::class, 'parent_id');
    }

    /** @return HasMany<Edit, $this> */
    public function edits(): HasMany
    {
        return tap($this->hasMany(Edit::class), static fn (HasMany $relation) => $relation->orderBy('id'));
    }

    /** @return HasMany<Edit, $this> the steps that can be undone, and those that were */
    public function ownEdits(): HasMany
    {
        return tap($this->edits(), static fn (HasMany $relation) => $relation->where('kind', EditKind::Own));
    }

    /** What an undo would undo; null when there is none. */
    public function lastDone(): ?Edit
    {
        return $this->ownEdits()->where('undone', false)->reorder('id', 'desc')->first();
    }

    /** The step that a redo would make again; null when there is none. */
    public function firstUndone(): ?Edit
    {
        return $this->ownEdits()->where('undone', true)->first();
    }
}
