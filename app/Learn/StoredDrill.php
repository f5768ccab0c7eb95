<?php

declare(strict_types=1);

namespace App\Learn;

use App\Models\Owned;
use App\Models\Suite;
use Illuminate\Database\Eloquent\Concerns\HasUuids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use Zebrafinch\Core\Learn\Drill;

/**
 * One go at some cards.
 *
 * @phpstan-import-type DrillData from Drill
 *
 * @phpstan-type QuestionData array{
 *     card: int|null,
 *     application: string,
 *     command: string,
 *     context: string,
 *     gesture: string,
 *     asked: int,
 *     old_chord: string|null,
 * }
 *
 * @property string $id
 * @property int $user_id
 * @property int|null $suite_id  for what will be installed there
 * @property array<string, QuestionData> $questions  by their id in the state
 * @property DrillData $state
 * @property Carbon $started_at
 * @property Carbon|null $ended_at
 * @property-read Suite|null $suite
 */
final class StoredDrill extends Model implements Owned
{
    use HasUuids;

    public $timestamps = false;

    protected $table = 'drills';

    /** @var list<string> */
    protected $fillable = ['user_id', 'suite_id', 'questions', 'state', 'started_at', 'ended_at'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['questions' => 'array', 'state' => 'array', 'started_at' => 'datetime', 'ended_at' => 'datetime'];
    }

    /** @return BelongsTo<Suite, $this> */
    public function suite(): BelongsTo
    {
        return tap($this->belongsTo(Suite::class), static fn (BelongsTo $suite) => $suite->withTrashed());
    }

    public function drill(): Drill
    {
        return Drill::fromData($this->state);
    }

    public function ownerId(): int
    {
        return $this->user_id;
    }
}
