<?php

declare(strict_types=1);

namespace App\Learn;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * One answer that moved a card.
 *
 * @property int $id
 * @property int $card_id
 * @property Carbon $at
 * @property string|null $press  the chord that was pressed; null for "I do not know"
 * @property bool $is_right
 * @property int|null $box_before
 */
final class CardAnswer extends Model
{
    public $timestamps = false;

    /** @var list<string> */
    protected $fillable = ['card_id', 'at', 'press', 'is_right', 'box_before'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['at' => 'datetime', 'is_right' => 'boolean'];
    }
}
