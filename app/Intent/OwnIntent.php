<?php

declare(strict_types=1);

namespace App\Intent;

use App\Models\BelongsToKit;
use App\Models\Kit;
use App\Models\Owned;
use Illuminate\Database\Eloquent\Model;
use Zebrafinch\Core\Intent\Frequency;

/**
 * An intent that somebody added to the shipped ones.
 *
 * @property int $id
 * @property int $kit_id
 * @property string $name
 * @property string $group
 * @property list<string> $synonyms
 * @property Frequency $frequency
 * @property-read Kit $kit
 */
final class OwnIntent extends Model implements Owned
{
    use BelongsToKit;

    /** Before the number in the id that the vocabulary knows it by; no shipped id begins so. */
    public const PREFIX = 'own-';

    /** @var list<string> */
    protected $fillable = ['kit_id', 'name', 'group', 'synonyms', 'frequency'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['synonyms' => 'array', 'frequency' => Frequency::class];
    }

    /** What the vocabulary knows it by. */
    public function wordId(): string
    {
        return self::PREFIX.$this->id;
    }
}
