<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use Zebrafinch\Core\Preset\Release as ReleaseContent;

/**
 * The database refuses every change of a row here.
 *
 * @phpstan-import-type BindingData from ReleaseContent
 *
 * @property int $id
 * @property int $preset_id
 * @property int $number
 * @property string $note
 * @property int $author_id
 * @property string $digest
 * @property array{format: string, keymaps: array<string, list<BindingData>>, fixed?: array<string, list<BindingData>>} $content
 * @property list<array{id: string, kind: string, application: string, sentence: string}> $accepted  what was wrong, and accepted
 * @property string|null $reason  why it was made all the same
 * @property array{members: array<string, mixed>, files: array<string, string>}|null $foreign  what came with an archive and is not
 *     known here; files in base64
 * @property Carbon $created_at
 * @property-read Preset $preset
 * @property-read User $author
 * @property-read \Illuminate\Database\Eloquent\Collection<int, ReleaseFile> $files
 */
final class Release extends Model
{
    public const UPDATED_AT = null;

    /** @var list<string> */
    protected $fillable = ['preset_id', 'number', 'note', 'author_id', 'digest', 'content', 'accepted', 'reason', 'foreign'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['content' => 'array', 'accepted' => 'array', 'foreign' => 'array', 'created_at' => 'datetime'];
    }

    public function content(): ReleaseContent
    {
        return ReleaseContent::fromData($this->content);
    }

    /** As people say it: the preset and the number. */
    public function title(): string
    {
        return "{$this->preset->name} {$this->number}";
    }

    /** @return BelongsTo<Preset, $this> */
    public function preset(): BelongsTo
    {
        return $this->belongsTo(Preset::class);
    }

    /** @return BelongsTo<User, $this> */
    public function author(): BelongsTo
    {
        return $this->belongsTo(User::class, 'author_id');
    }

    /** @return HasMany<ReleaseFile, $this> */
    public function files(): HasMany
    {
        return tap($this->hasMany(ReleaseFile::class), static fn (HasMany $relation) => $relation->orderBy('application'));
    }
}
