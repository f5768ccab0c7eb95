<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\AsChange;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use Zebrafinch\Core\Keymap\Change;
use Zebrafinch\Core\Keymap\EditKind;

/**
 * One step of a keymap's history. Edits that were undone stay until a new edit is made over them.
 *
 * @phpstan-import-type BindingData from Change
 *
 * @phpstan-type Notice array{
 *     conflicts: list<array{command: string, context: string, ours: list<BindingData>, theirs: list<BindingData>}>,
 *     doubles: list<array{ours: BindingData, theirs: BindingData}>,
 * }
 *
 * @property int $id
 * @property int $keymap_id
 * @property int $user_id
 * @property string $title
 * @property Change $change
 * @property int $version
 * @property bool $undone
 * @property EditKind $kind
 * @property Notice|null $notice of a followed one, until the next save: what came of it
 * @property Carbon $created_at
 */
final class Edit extends Model
{
    /** @var list<string> */
    protected $fillable = ['keymap_id', 'user_id', 'title', 'change', 'version', 'undone', 'kind', 'notice'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['change' => AsChange::class, 'undone' => 'boolean', 'kind' => EditKind::class, 'notice' => 'array'];
    }
}
