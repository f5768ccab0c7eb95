<?php

declare(strict_types=1);

namespace App\Journal;

use App\Models\User;
use Illuminate\Contracts\Auth\Factory as Auth;
use Illuminate\Http\Request;

/**
 * Writes who did what. An entry belongs to the transaction of what it tells of, and is sealed when that ends: neither is there without
 * the other. It never holds a secret, nor the name or address of a person, so that people can be removed and it stays.
 */
final readonly class Journal
{
    public function __construct(private Auth $auth, private Request $request)
    {
    }

    /**
     * @param  array<string, scalar|null|list<scalar>>  $details
     * @param  User|null  $by  where that is not who is signed in
     */
    public function note(string $kind, ?Subject $subject = null, array $details = [], ?User $by = null): void
    {
        $by ??= $this->auth->guard()->user();
        JournalEntry::query()->create([
            'user_id' => $by instanceof User ? $by->id : null,
            'address' => app()->runningInConsole() && ! app()->runningUnitTests() ? null : $this->request->ip(),
            'kind' => $kind,
            'subject_kind' => $subject?->kind,
            'subject_id' => $subject?->id,
            'subject' => $subject?->name,
            'details' => $details,
        ]);
    }
}
