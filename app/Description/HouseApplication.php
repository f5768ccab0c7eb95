<?php

declare(strict_types=1);

namespace App\Description;

use App\Models\User;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * An application that somebody of the house brought: what its key file is like, what it can do, and the key file that it comes with.
 *
 * @property int $id
 * @property string $slug
 * @property string $name
 * @property ApplicationState $state
 * @property int|null $user_id
 * @property int $version
 * @property string $digest
 * @property list<array{name: string, bytes: string}> $files  base64; the first is the factory file
 * @property list<array<string, mixed>> $corrections
 * @property list<array{of: string, percent: int, sentence: string}> $certainties
 * @property array<string, mixed> $catalogue
 * @property array<string, mixed> $dialect
 * @property list<array{command: string, intent: string, difference?: string}> $matches
 * @property list<string> $systems
 * @property array<string, mixed>|null $proof
 * @property array<string, mixed>|null $before
 * @property Carbon $updated_at
 * @property-read User|null $user
 */
final class HouseApplication extends Model
{
    /** @var list<string> */
    protected $fillable = [
        'slug',
        'name',
        'state',
        'user_id',
        'version',
        'files',
        'corrections',
        'certainties',
        'catalogue',
        'dialect',
        'matches',
        'systems',
        'proof',
        'before',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'state' => ApplicationState::class,
            'files' => 'array',
            'corrections' => 'array',
            'certainties' => 'array',
            'catalogue' => 'array',
            'dialect' => 'array',
            'matches' => 'array',
            'systems' => 'array',
            'proof' => 'array',
            'before' => 'array',
        ];
    }

    protected static function booted(): void
    {
        self::saving(static function (self $application): void {
            $parts = [$application->catalogue, $application->dialect, $application->files, $application->matches];
            $application->digest = hash('xxh128', json_encode($parts, JSON_THROW_ON_ERROR));
        });
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** The bytes of the key file that it comes with. */
    public function factory(): string
    {
        return (string) base64_decode($this->files[0]['bytes'] ?? '', true);
    }
}
