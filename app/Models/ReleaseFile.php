<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsBytes;
use Illuminate\Database\Eloquent\Model;

/**
 * A key file as a release hands it over, in the dialect of its application.
 *
 * @property int $id
 * @property int $release_id
 * @property string $application
 * @property string $file_name
 * @property string $bytes
 * @property string $sha256
 */
final class ReleaseFile extends Model
{
    public $timestamps = false;

    /** @var list<string> */
    protected $fillable = ['release_id', 'application', 'file_name', 'bytes', 'sha256'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['bytes' => AsBytes::class];
    }
}
