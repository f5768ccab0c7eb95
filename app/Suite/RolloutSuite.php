<?php

declare(strict_types=1);

namespace App\Suite;

use App\Models\Suite;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Zebrafinch\Core\Suite\RolloutStep;

/**
 * How far a rollout has come in one suite.
 *
 * @phpstan-type Before array{
 *     preset_id: int|null,
 *     release_id: int|null,
 *     is_pinned: bool,
 *     files: array<string, array{sha256: string|null, installed: string|null}>,
 * }
 *
 * @property int $id
 * @property int $rollout_id
 * @property int $suite_id
 * @property RolloutStep $step
 * @property string|null $fault
 * @property array<string, string> $allowed  digests of files that nobody gave and that may be replaced, by application
 * @property Before|null $before  what the suite followed, and had
 * @property-read Suite $suite
 */
final class RolloutSuite extends Model
{
    public $timestamps = false;

    /** @var list<string> */
    protected $fillable = ['rollout_id', 'suite_id', 'step', 'fault', 'allowed', 'before'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['step' => RolloutStep::class, 'allowed' => 'array', 'before' => 'array'];
    }

    /** @return BelongsTo<Rollout, $this> */
    public function rollout(): BelongsTo
    {
        return $this->belongsTo(Rollout::class);
    }

    /** @return BelongsTo<Suite, $this> */
    public function suite(): BelongsTo
    {
        return tap($this->belongsTo(Suite::class), static fn (BelongsTo $suite) => $suite->withTrashed());
    }
}
