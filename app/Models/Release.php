<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * The database refuses every change of a row here.
 *
 * @property int $id
 * @property int $preset_id
 * @property int $number
 * @property string $note
 * @property int $author_id
 * @property string $digest
 * @property array{
 *     format: string,
 *     keymaps: array<string, list<array{chord: string, command: string, context: string, gesture: string}>>,
 * } $content
 * @property Carbon $created_at
 * @property-read Preset $preset
 * @property-read User $author
 * @property-read \Illuminate\Database\Eloquent\Collection<int, ReleaseFile> $files
 */
final class Release extends Model
{
    public const UPDATED_AT = null;

    /** @var list<string> */
    protected $fillable = ['preset_id', 'number', 'note', 'author_id', 'digest', 'content'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['content' => 'array', 'created_at' => 'datetime'];
    }

    /** Whether no later release of its preset is there. */
    public function isNewest(): bool
    {
        return ($this->getAttributes()['newest_number'] ?? self::query()->where('preset_id', $this->preset_id)->max('number')) ===
            $this->number;
    }

    /**
     * Tells with each release the newest number of its preset, so that {@see isNewest()} asks nothing more.
     *
     * @param  Builder<self>  $releases
     */
    public function scopeWithNewest(Builder $releases): void
    {
        $releases->selectSub(
            self::query()
                ->from('releases', 'others')
                ->selectRaw('max(others.number)')
                ->whereColumn('others.preset_id', 'releases.preset_id'),
            'newest_number',
        );
    }

    /** @return BelongsTo<Preset, $this> */
    public function preset(): BelongsTo
    {
        return $this->belongsTo(Preset::class);
    }

    /** @return BelongsTo<User, $this> */
    public function author(): BelongsTo
    {
        return $this->belongsTo(User::class, 'author_id');
    }

    /** @return HasMany<ReleaseFile, $this> */
    public function files(): HasMany
    {
        return tap($this->hasMany(ReleaseFile::class), static fn (HasMany $relation) => $relation->orderBy('application'));
    }
}
