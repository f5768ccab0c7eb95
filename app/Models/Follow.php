<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * How far a kit has come with a preset: what is new there since is a merge from this release on.
 *
 * @property int $id
 * @property int $kit_id
 * @property int $preset_id
 * @property int|null $release_id  null while nothing of it was taken in
 * @property bool $is_asked  whether its owner wants to be told of what is new there
 * @property-read Preset $preset
 * @property-read Release|null $release
 */
final class Follow extends Model
{
    public $timestamps = false;

    /** @var list<string> */
    protected $fillable = ['kit_id', 'preset_id', 'release_id', 'is_asked'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['is_asked' => 'boolean'];
    }

    /** @return BelongsTo<Preset, $this> */
    public function preset(): BelongsTo
    {
        return $this->belongsTo(Preset::class);
    }

    /** @return BelongsTo<Release, $this> */
    public function release(): BelongsTo
    {
        return $this->belongsTo(Release::class);
    }
}
