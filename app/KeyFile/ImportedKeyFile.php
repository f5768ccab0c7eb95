<?php

declare(strict_types=1);

namespace App\KeyFile;

use App\Models\BelongsToKit;
use App\Models\Casts\AsBytes;
use App\Models\Kit;
use App\Models\Owned;
use Illuminate\Database\Eloquent\Model;

/**
 * A key file that was brought in and read, before it is opened as a keymap.
 *
 * @property int $id
 * @property int $kit_id
 * @property string $application
 * @property string $name
 * @property string $bytes
 * @property-read Kit $kit
 */
final class ImportedKeyFile extends Model implements Owned
{
    protected $table = 'key_files';

    use BelongsToKit;

    /** @var list<string> */
    protected $fillable = ['kit_id', 'application', 'name', 'bytes'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['bytes' => AsBytes::class];
    }
}
