<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsSuiteState;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;
use Zebrafinch\Core\Desktop\DesktopCatalogue;
use Zebrafinch\Core\Keyboard\System;
use Zebrafinch\Core\Suite\SuiteState;

/**
 * @phpstan-type Label array{preset: string, number: int, release: int}
 * @phpstan-type StopData array{release: int|null, problems: list<array{id: string, kind: string, application: string, sentence: string}>}
 *
 * @property int $id
 * @property string $slug
 * @property string $name
 * @property string $board
 * @property string $layout
 * @property System $system
 * @property list<string> $applications
 * @property string|null $token_hash  null where no agent may come in
 * @property Carbon|null $token_made_at
 * @property Carbon|null $retired_at  no longer used; its history stays
 * @property int|null $preset_id
 * @property int|null $release_id
 * @property bool $is_pinned
 * @property string $install_when  `now` or `closed`
 * @property int $number
 * @property SuiteState $state
 * @property array<string, StopData> $stops
 * @property array<string, Label> $labels
 * @property list<string> $accepted  problems of the release that are accepted here, by name
 * @property array{instance?: string, version?: string, sequence?: int, skew_seconds?: int, running?: list<string>} $agent
 * @property Carbon|null $second_agent_at
 * @property Carbon|null $last_seen_at  as far as it was reported; App\Suite\Presence knows better
 * @property list<array{application: string, sha256: string, taken_at: int, bytes: int}> $copies
 * @property array{application: string, context: string}|null $focus  as its agent told last
 * @property-read Preset|null $preset
 * @property-read Release|null $release
 * @property-read Sitting|null $sitting
 */
final class Suite extends Model
{
    use SoftDeletes;

    public const DELETED_AT = 'retired_at';

    /** @var list<string> */
    protected $fillable = [
        'slug',
        'name',
        'board',
        'layout',
        'system',
        'applications',
        'token_hash',
        'token_made_at',
        'preset_id',
        'release_id',
        'is_pinned',
        'install_when',
        'number',
        'state',
        'stops',
        'labels',
        'accepted',
        'agent',
        'second_agent_at',
        'last_seen_at',
        'copies',
        'focus',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'system' => System::class,
            'applications' => 'array',
            'is_pinned' => 'boolean',
            'state' => AsSuiteState::class,
            'stops' => 'array',
            'labels' => 'array',
            'accepted' => 'array',
            'agent' => 'array',
            'copies' => 'array',
            'focus' => 'array',
            'last_seen_at' => 'datetime',
            'second_agent_at' => 'datetime',
            'token_made_at' => 'datetime',
        ];
    }

    public static function hashToken(string $token): string
    {
        return hash('sha256', $token);
    }

    public function getRouteKeyName(): string
    {
        return 'slug';
    }

    /** @return list<string> whose key files the suite has: its applications and the desktop */
    public function keyFileOwners(): array
    {
        return [...$this->applications, DesktopCatalogue::ID];
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

    /** @return HasMany<Sitting, $this> */
    public function sittings(): HasMany
    {
        return $this->hasMany(Sitting::class);
    }

    /** @return HasOne<Sitting, $this> who sits there now */
    public function sitting(): HasOne
    {
        return tap($this->hasOne(Sitting::class), static fn (HasOne $one) => $one->whereNull('ended_at'));
    }

    /** @return HasMany<SuiteEvent, $this> the latest first */
    public function events(): HasMany
    {
        return tap($this->hasMany(SuiteEvent::class), static fn (HasMany $events) => $events->orderByDesc('id'));
    }

    /** @return HasMany<RehearsalPress, $this> */
    public function presses(): HasMany
    {
        return $this->hasMany(RehearsalPress::class);
    }
}
