<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A chord that a suite's agent is asked to press in an application that can be tried out. Payload and answer are described in
 * docs/workstations.md.
 *
 * @property int $id
 * @property int $suite_id
 * @property string $rehearsal_id
 * @property array<string, mixed> $payload
 * @property bool|null $is_done  null while the agent has not answered
 * @property array<string, mixed>|null $answer
 * @property Carbon $created_at
 */
final class RehearsalPress extends Model
{
    protected $table = 'presses';

    /** What nobody has answered for this long is not asked any more, in seconds. */
    public const SECONDS_TO_ANSWER = 60;

    /** @var list<string> */
    protected $fillable = ['suite_id', 'rehearsal_id', 'payload', 'is_done', 'answer'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['payload' => 'array', 'is_done' => 'boolean', 'answer' => 'array'];
    }
}
