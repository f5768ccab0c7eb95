<?php

declare(strict_types=1);

namespace App\Suite;

use App\Models\Release;
use App\Models\User;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use Zebrafinch\Core\Suite\RolloutState;

/**
 * One release on its way to several suites.
 *
 * @property int $id
 * @property int $release_id
 * @property int $user_id
 * @property RolloutState $state
 * @property string $install_when  `now` or `closed`
 * @property Carbon|null $begins_at
 * @property int|null $first_suite_id
 * @property string|null $reason
 * @property list<string> $accepted  problems that somebody has accepted by name
 * @property int $version
 * @property Carbon $created_at
 * @property-read Release $release
 * @property-read User $user
 * @property-read \Illuminate\Database\Eloquent\Collection<int, RolloutSuite> $suites
 */
final class Rollout extends Model
{
    /** @var list<string> */
    protected $fillable = [
        'release_id',
        'user_id',
        'state',
        'install_when',
        'begins_at',
        'first_suite_id',
        'reason',
        'accepted',
        'version',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['state' => RolloutState::class, 'begins_at' => 'datetime', 'accepted' => 'array', 'created_at' => 'datetime'];
    }

    /** @return BelongsTo<Release, $this> */
    public function release(): BelongsTo
    {
        return $this->belongsTo(Release::class);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return HasMany<RolloutSuite, $this> */
    public function suites(): HasMany
    {
        return tap($this->hasMany(RolloutSuite::class), static fn (HasMany $suites) => $suites->orderBy('id'));
    }
}
