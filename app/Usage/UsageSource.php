<?php

declare(strict_types=1);

namespace App\Usage;

use App\Models\BelongsToKit;
use App\Models\Kit;
use App\Models\Owned;
use Illuminate\Database\Eloquent\Model;
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
final class UsageSource extends Model implements Owned
{
    use BelongsToKit;

    /** @var list<string> */
    protected $fillable = ['kit_id', 'sitting_id', 'name'];
}
