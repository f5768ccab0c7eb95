<?php

declare(strict_types=1);

namespace App\Usage;

use App\Models\Kit;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * Where somebody's usage comes from: a log that they brought, or a sitting whose suite told it.
 *
 * @property int $id
 * @property int $kit_id
 * @property int|null $sitting_id
 * @property string $name
 * @property Carbon $created_at
 * @property Carbon $updated_at
 * @property-read Kit $kit
 */
final class UsageSource extends Model
{
    /** @var list<string> */
    protected $fillable = ['kit_id', 'sitting_id', 'name'];

    /** @return BelongsTo<Kit, $this> */
    public function kit(): BelongsTo
    {
        return $this->belongsTo(Kit::class);
    }
}
