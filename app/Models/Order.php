<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * Something that a workstation's agent is asked to do. Payload and answer are described in docs/workstations.md.
 *
 * @property int $id
 * @property int $suite_id
 * @property int $user_id
 * @property string|null $rehearsal_id
 * @property OrderKind $kind
 * @property OrderState $state
 * @property array<string, mixed> $payload
 * @property array<string, mixed>|null $answer
 * @property Carbon $created_at
 * @property-read Suite $suite
 */
final class Order extends Model
{
    /** @var list<string> */
    protected $fillable = ['suite_id', 'user_id', 'rehearsal_id', 'kind', 'state', 'payload', 'answer'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kind' => OrderKind::class, 'state' => OrderState::class, 'payload' => 'array', 'answer' => 'array'];
    }

    /** @return BelongsTo<Suite, $this> */
    public function suite(): BelongsTo
    {
        return $this->belongsTo(Suite::class);
    }
}
