<?php

declare(strict_types=1);

namespace App\Journal;

use App\Models\User;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * Who did what to what, when, from where. Added to and never changed; the database sees to that.
 *
 * @property int $id
 * @property Carbon $at
 * @property int|null $user_id
 * @property string|null $address  from where, as an IP address
 * @property string $kind
 * @property string|null $subject_kind
 * @property string|null $subject_id
 * @property string|null $subject  what it was called then
 * @property array<string, mixed> $details
 * @property-read User|null $user
 */
final class JournalEntry extends Model
{
    public $timestamps = false;

    protected $table = 'journal';

    /** @var list<string> */
    protected $fillable = ['user_id', 'address', 'kind', 'subject_kind', 'subject_id', 'subject', 'details'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['at' => 'datetime', 'details' => 'array'];
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
