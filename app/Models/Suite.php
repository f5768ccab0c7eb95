<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use Zebrafinch\Core\Desktop\DesktopCatalogue;
use Zebrafinch\Core\Keyboard\System;

/**
 * @property int $id
 * @property string $slug
 * @property string $name
 * @property string $board
 * @property string $layout
 * @property System $system
 * @property list<string> $applications
 * @property string $token_hash
 * @property Carbon|null $last_seen_at
 * @property bool $read_only
 * @property list<array{name: string, application: string, sha256: string, taken_at: string}> $copies
 * @property array{application: string, context: string}|null $focus  as its agent told last
 * @property-read \Illuminate\Database\Eloquent\Collection<int, SuiteFile> $files
 * @property-read \Illuminate\Database\Eloquent\Collection<int, Order> $recentOrders
 * @property-read \Illuminate\Database\Eloquent\Collection<int, Order> $openOrders
 */
final class Suite extends Model
{
    /** An agent that was not heard of for this long is taken to be offline. Agents call at least every second. */
    public const SECONDS_UNTIL_OFFLINE = 6;

    /** @var list<string> */
    protected $fillable = [
        'slug',
        'name',
        'board',
        'layout',
        'system',
        'applications',
        'token_hash',
        'last_seen_at',
        'read_only',
        'copies',
        'focus',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'system' => System::class,
            'applications' => 'array',
            'copies' => 'array',
            'focus' => 'array',
            'last_seen_at' => 'datetime',
            'read_only' => 'boolean',
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

    public function isOnline(): bool
    {
        return $this->last_seen_at !== null && $this->last_seen_at->diffInSeconds(now(), true) < self::SECONDS_UNTIL_OFFLINE;
    }

    /** @return HasMany<SuiteFile, $this> */
    public function files(): HasMany
    {
        return tap($this->hasMany(SuiteFile::class), static fn (HasMany $relation) => $relation->orderBy('application'));
    }

    /** @return HasMany<Order, $this> */
    public function orders(): HasMany
    {
        return $this->hasMany(Order::class);
    }

    /** @return HasMany<Order, $this> what changes its files, the latest first */
    public function recentOrders(): HasMany
    {
        return tap($this->orders(), static fn (HasMany $orders) => $orders->where('kind', '!=', OrderKind::Press)->orderByDesc('id'));
    }

    /** @return HasMany<Order, $this> what changes its files and is not answered yet */
    public function openOrders(): HasMany
    {
        return tap(
            $this->orders(),
            static fn (HasMany $orders) => $orders->where('kind', '!=', OrderKind::Press)->whereIn('state', OrderState::open()),
        );
    }
}
