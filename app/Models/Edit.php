<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsChange;
use Illuminate\Database\Eloquent\Model;
use Zebrafinch\Core\Keymap\Change;

/**
 * One step of a keymap's history. Edits that were undone stay until a new edit is made over them.
 *
 * @property int $id
 * @property int $keymap_id
 * @property int $user_id
 * @property string $title
 * @property Change $change
 * @property int $version
 * @property bool $undone
 */
final class Edit extends Model
{
    /** @var list<string> */
    protected $fillable = ['keymap_id', 'user_id', 'title', 'change', 'version', 'undone'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['change' => AsChange::class, 'undone' => 'boolean'];
    }
}
