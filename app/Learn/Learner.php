<?php

declare(strict_types=1);

namespace App\Learn;

use App\Models\User;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use Zebrafinch\Core\Effort\TypingClass;
use Zebrafinch\Core\Effort\TypingSpeed;

/**
 * What learning goes by for one person.
 *
 * @property int $user_id
 * @property float|null $key_seconds  by the typing test; null for a class
 * @property TypingClass $typing_class
 * @property Carbon $known_until  what changed in their keymaps before is known
 */
final class Learner extends Model
{
    /** So far back changes are told to somebody who has never looked. */
    private const FIRST_LOOK_DAYS = 28;

    public $timestamps = false;

    public $incrementing = false;

    protected $primaryKey = 'user_id';

    /** @var list<string> */
    protected $fillable = ['user_id', 'key_seconds', 'typing_class', 'known_until'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['key_seconds' => 'float', 'typing_class' => TypingClass::class, 'known_until' => 'datetime'];
    }

    /** Not stored until something is said of them. */
    public static function of(User $user): self
    {
        return self::query()->find($user->id) ??
            new self([
                'user_id' => $user->id,
                'key_seconds' => null,
                'typing_class' => TypingClass::Average,
                'known_until' => now()->subDays(self::FIRST_LOOK_DAYS),
            ]);
    }

    public function speed(): TypingSpeed
    {
        return $this->key_seconds === null ? TypingSpeed::ofClass($this->typing_class) : TypingSpeed::ofSeconds($this->key_seconds);
    }
}
