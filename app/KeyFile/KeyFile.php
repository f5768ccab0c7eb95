<?php

declare(strict_types=1);

namespace App\KeyFile;

use App\Models\Casts\AsBytes;
use App\Models\Kit;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

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
final class KeyFile extends Model
{
    /** @var list<string> */
    protected $fillable = ['kit_id', 'application', 'name', 'bytes'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['bytes' => AsBytes::class];
    }

    /** @return BelongsTo<Kit, $this> */
    public function kit(): BelongsTo
    {
        return $this->belongsTo(Kit::class);
    }
}
