<?php

declare(strict_types=1);

namespace App\Harmonise;

use App\Models\BelongsToKit;
use App\Models\Kit;
use App\Models\Owned;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * One search for common chords in a kit, and what came of it.
 *
 * @phpstan-type Wanted array{
 *     applications: list<string>,
 *     intents: list<string>,
 *     suites: list<string>,
 *     seat: array{board: string, layout: string, system: string},
 *     weights: array<string, float>,
 *     fixed: array<string, string>,
 *     untouched: list<array{application: string, command: string}>,
 *     accepted: list<array{application: string, command: string, chord: string|null}>,
 *     refused: list<array{application: string, command: string, chord: string|null}>,
 *     seconds: int,
 * }
 *
 * @property int $id
 * @property int $kit_id
 * @property HarmonisationState $state
 * @property bool $is_cancelled
 * @property Wanted $request
 * @property array<string, array{keymap: int|null, version: int}>|null $versions
 * @property float|null $best
 * @property float|null $bound
 * @property array<string, mixed>|null $result
 * @property array<string, array{
 *     removed: list<array{chord: string, command: string, context: string, gesture: string}>,
 *     added: list<array{chord: string, command: string, context: string, gesture: string}>,
 * }>|null $changes
 * @property string|null $instance
 * @property array<string, mixed>|null $answer
 * @property list<array{application: string, keymap: int, version: int, is_new: bool}>|null $applied
 * @property Carbon $created_at
 * @property-read Kit $kit
 */
final class Harmonisation extends Model implements Owned
{
    use BelongsToKit;

    /** @var list<string> */
    protected $fillable = [
        'kit_id',
        'state',
        'is_cancelled',
        'request',
        'versions',
        'best',
        'bound',
        'result',
        'changes',
        'instance',
        'answer',
        'applied',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'state' => HarmonisationState::class,
            'is_cancelled' => 'boolean',
            'request' => 'array',
            'versions' => 'array',
            'best' => 'float',
            'bound' => 'float',
            'result' => 'array',
            'changes' => 'array',
            'answer' => 'array',
            'applied' => 'array',
        ];
    }

    public function isOver(): bool
    {
        return ! in_array($this->state, HarmonisationState::open(), true);
    }
}
