<?php

declare(strict_types=1);

namespace App\Learn;

use App\Models\Owned;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use Zebrafinch\Core\Keyboard\Gesture;
use Zebrafinch\Core\Learn\BeforeLearning;
use Zebrafinch\Core\Learn\Card;

/**
 * A chord that somebody learns: which one it is, their keymap says.
 *
 * @property int $id
 * @property int $user_id
 * @property string $application
 * @property string $command
 * @property string $context  with the focus in which it is asked
 * @property Gesture $gesture
 * @property int|null $box  null once it is learned
 * @property int $asked
 * @property int $missed
 * @property Carbon $added_at
 * @property Carbon|null $seen_at
 * @property Carbon|null $learned_at
 * @property string|null $measured_from  a day as in 2026-03-02: the last of the log when it was added
 * @property float|null $mouse_share
 * @property float|null $seconds_each
 * @property string|null $old_chord
 * @property-read Collection<int, CardAnswer> $answers
 */
final class LearningCard extends Model implements Owned
{
    public $timestamps = false;

    protected $table = 'cards';

    /** @var list<string> */
    protected $fillable = [
        'user_id',
        'application',
        'command',
        'context',
        'gesture',
        'box',
        'asked',
        'missed',
        'added_at',
        'seen_at',
        'learned_at',
        'measured_from',
        'mouse_share',
        'seconds_each',
        'old_chord',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'gesture' => Gesture::class,
            'added_at' => 'datetime',
            'seen_at' => 'datetime',
            'learned_at' => 'datetime',
            'mouse_share' => 'float',
            'seconds_each' => 'float',
        ];
    }

    /** @return HasMany<CardAnswer, $this> */
    public function answers(): HasMany
    {
        return $this->hasMany(CardAnswer::class, 'card_id');
    }

    public function card(): Card
    {
        return Card::stored((string) $this->id, $this->box, $this->added_at->getTimestamp(), $this->seen_at?->getTimestamp());
    }

    /** Null where it was added without a log to measure by. */
    public function before(): ?BeforeLearning
    {
        return $this->measured_from === null || $this->mouse_share === null || $this->seconds_each === null
            ? null
            : new BeforeLearning($this->application, $this->command, $this->measured_from, $this->mouse_share, $this->seconds_each);
    }

    public function ownerId(): int
    {
        return $this->user_id;
    }
}
