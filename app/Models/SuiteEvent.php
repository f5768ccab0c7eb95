<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * One line of the story of a suite.
 *
 * @property int $id
 * @property int $suite_id
 * @property int|null $user_id  null for what happened by itself
 * @property string $kind
 * @property string $what
 * @property string|null $why
 * @property Carbon $at
 * @property-read User|null $user
 * @property-read Suite $suite
 */
final class SuiteEvent extends Model
{
    public $timestamps = false;

    /** @var list<string> */
    protected $fillable = ['suite_id', 'user_id', 'kind', 'what', 'why', 'at'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['at' => 'datetime'];
    }

    /** @return BelongsTo<Suite, $this> also of one that is retired */
    public function suite(): BelongsTo
    {
        return tap($this->belongsTo(Suite::class), static fn (BelongsTo $suite) => $suite->withTrashed());
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
