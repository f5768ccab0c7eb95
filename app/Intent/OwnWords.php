<?php

declare(strict_types=1);

namespace App\Intent;

use App\Models\User;
use Illuminate\Support\Facades\DB;

/** Writes what people add to the shipped intents and matches. */
final readonly class OwnWords
{
    /** @param  array{name: string, group: string, synonyms: list<string>, frequency: string}  $intent */
    public function add(User $user, array $intent): void
    {
        DB::transaction(fn () => OwnIntent::query()->create(['kit_id' => $user->kit->id, ...$intent]));
    }

    /** Its matches go with it. */
    public function remove(User $user, OwnIntent $intent): void
    {
        DB::transaction(function () use ($user, $intent): void {
            OwnMatch::query()->where('kit_id', $user->kit->id)->where('intent', $intent->wordId())->delete();
            $intent->delete();
        });
    }

    /**
     * @param  list<array{
     *     command: string,
     *     intent: string|null,
     *     difference: string|null,
     * }>  $matches  an intent that is null takes the person's own match away
     */
    public function match(User $user, string $application, array $matches): void
    {
        DB::transaction(function () use ($user, $application, $matches): void {
            foreach ($matches as $match) {
                $where = ['kit_id' => $user->kit->id, 'application' => $application, 'command' => $match['command']];
                if ($match['intent'] === null) {
                    OwnMatch::query()->where($where)->delete();
                } else {
                    OwnMatch::query()->updateOrCreate($where, ['intent' => $match['intent'], 'difference' => $match['difference']]);
                }
            }
        });
    }
}
