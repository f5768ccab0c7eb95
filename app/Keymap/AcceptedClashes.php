<?php

declare(strict_types=1);

namespace App\Keymap;

use App\Models\User;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;

/** The clashes that somebody wants as they are, each until one of its bindings changes. */
final readonly class AcceptedClashes
{
    /**
     * @param  list<string>  $clashes  identities
     * @return Collection<string, AcceptedClash> by the identity of the clash
     */
    public function among(User $user, string $application, array $clashes): Collection
    {
        return AcceptedClash::query()
            ->where('kit_id', $user->kit->id)
            ->where('application', $application)
            ->whereIn('clash', $clashes)
            ->get()
            ->keyBy('clash');
    }

    /** Another one whenever others are accepted, or for another reason. */
    public function stamp(User $user, string $application): string
    {
        return (string) json_encode(
            AcceptedClash::query()
                ->where('kit_id', $user->kit->id)
                ->where('application', $application)
                ->orderBy('id')
                ->get(['clash', 'reason', 'created_at'])
                ->toArray(),
            JSON_THROW_ON_ERROR,
        );
    }

    /** @return list<string> identities; some may be of clashes that are gone */
    public function all(User $user, string $application): array
    {
        return array_values(AcceptedClash::query()
            ->where('kit_id', $user->kit->id)
            ->where('application', $application)
            ->pluck('clash')
            ->map(strval(...))
            ->all());
    }

    public function accept(User $user, string $application, string $clash, string $reason): void
    {
        DB::transaction(
            static fn () => AcceptedClash::query()->updateOrCreate(
                ['kit_id' => $user->kit->id, 'application' => $application, 'clash' => $clash],
                ['reason' => $reason],
            ),
        );
    }

    public function withdraw(User $user, string $application, string $clash): void
    {
        DB::transaction(fn () => AcceptedClash::query()
            ->where('kit_id', $user->kit->id)
            ->where('application', $application)
            ->where('clash', $clash)
            ->delete());
    }
}
