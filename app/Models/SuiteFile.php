<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * What is known of one application's key file in a suite.
 *
 * @property int $id
 * @property int $suite_id
 * @property string $application
 * @property int|null $release_id
 * @property string|null $installed_sha256
 * @property string|null $reported_sha256
 * @property string|null $reported_bytes
 * @property Carbon|null $changed_at
 * @property-read bool|null $has_reported_bytes  where it was asked for in place of the bytes
 * @property-read Release|null $release
 */
final class SuiteFile extends Model
{
    public $timestamps = false;

    /** @var list<string> */
    protected $fillable = ['suite_id', 'application', 'release_id', 'installed_sha256', 'reported_sha256', 'reported_bytes', 'changed_at'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['changed_at' => 'datetime'];
    }

    /** @return BelongsTo<Release, $this> */
    public function release(): BelongsTo
    {
        return $this->belongsTo(Release::class);
    }
}
