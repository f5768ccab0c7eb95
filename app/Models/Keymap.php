<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsBindings;
use App\Models\Casts\AsOverlay;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;
use Zebrafinch\Core\Keymap\Bindings;
use Zebrafinch\Core\Keymap\Overlay;

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
 * @property Overlay|null $overlay
 * @property Bindings $saved_bindings
 * @property Carbon $saved_at
 * @property list<string> $tags
 * @property Carbon|null $deleted_at
 * @property Carbon $updated_at
 * @property-read Kit $kit
 * @property-read Keymap|null $parent
 */
final class Keymap extends Model
{
    use SoftDeletes;

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
        'overlay',
        'saved_bindings',
        'saved_at',
        'tags',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'in_use' => 'boolean',
            'bindings' => AsBindings::class,
            'overlay' => AsOverlay::class,
            'saved_bindings' => AsBindings::class,
            'saved_at' => 'datetime',
            'tags' => 'array',
        ];
    }

    /** @return BelongsTo<Kit, $this> */
    public function kit(): BelongsTo
    {
        return $this->belongsTo(Kit::class);
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

    /** What an undo would undo; null when there is none. */
    public function lastDone(): ?Edit
    {
        return $this->edits()->where('undone', false)->reorder('id', 'desc')->first();
    }

    /** The step that a redo would make again; null when there is none. */
    public function firstUndone(): ?Edit
    {
        return $this->edits()->where('undone', true)->first();
    }
}
