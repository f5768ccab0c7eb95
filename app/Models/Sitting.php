<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use Zebrafinch\Core\Suite\SittingEnd;

/**
 * A person's kit in a suite for a time.
 *
 * @property int $id
 * @property int $suite_id
 * @property int $user_id
 * @property Carbon $started_at
 * @property Carbon|null $until
 * @property Carbon|null $ended_at
 * @property SittingEnd|null $ended_by
 * @property Carbon|null $given_back_at
 * @property bool $tells_usage  whether they have said yes to their uses being counted
 * @property list<string> $accepted
 * @property array<string, array{given: string, by_hand: string}> $offered  digests by application
 * @property-read Suite $suite
 * @property-read User $user
 */
final class Sitting extends Model implements Owned
{
    public $timestamps = false;

    /** @var list<string> */
    protected $fillable = [
        'suite_id',
        'user_id',
        'started_at',
        'until',
        'ended_at',
        'ended_by',
        'given_back_at',
        'tells_usage',
        'accepted',
        'offered',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'started_at' => 'datetime',
            'until' => 'datetime',
            'ended_at' => 'datetime',
            'ended_by' => SittingEnd::class,
            'given_back_at' => 'datetime',
            'tells_usage' => 'boolean',
            'accepted' => 'array',
            'offered' => 'array',
        ];
    }

    /**
     * Those that go on.
     *
     * @param  Builder<self>  $sittings
     */
    public function scopeOpen(Builder $sittings): void
    {
        $sittings->whereNull('ended_at');
    }

    /**
     * Those that have something to offer to whoever sat there.
     *
     * @param  Builder<self>  $sittings
     */
    public function scopeOffering(Builder $sittings): void
    {
        $sittings->whereNotIn('offered', ['{}', '[]']);
    }

    /** @return BelongsTo<Suite, $this> */
    public function suite(): BelongsTo
    {
        return tap($this->belongsTo(Suite::class), static fn (BelongsTo $suite) => $suite->withTrashed());
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    public function ownerId(): int
    {
        return $this->user_id;
    }
}
