<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsBindings;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use Zebrafinch\Core\Keymap\Bindings;

/**
 * @property int $id
 * @property int $kit_id
 * @property string $application
 * @property string $name
 * @property bool $in_use
 * @property int $version
 * @property string $source
 * @property Bindings $bindings
 * @property Carbon $updated_at
 * @property-read Kit $kit
 */
final class Keymap extends Model
{
    /** @var list<string> */
    protected $fillable = ['kit_id', 'application', 'name', 'in_use', 'version', 'source', 'bindings'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['in_use' => 'boolean', 'bindings' => AsBindings::class];
    }

    /** @return BelongsTo<Kit, $this> */
    public function kit(): BelongsTo
    {
        return $this->belongsTo(Kit::class);
    }

    /** @return HasMany<Edit, $this> */
    public function edits(): HasMany
    {
        return tap($this->hasMany(Edit::class), static fn (HasMany $relation) => $relation->orderBy('id'));
    }
}
