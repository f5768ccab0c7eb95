<?php

declare(strict_types=1);

namespace App\Suite;

use App\Models\Suite;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Zebrafinch\Core\Keyboard\System;

/** Making suites, retiring them, and the tokens with which their agents come in. */
final readonly class SuiteKeeping
{
    public function __construct(private Story $story, private Presence $presence, private Sittings $sittings)
    {
    }

    /**
     * @param  list<string>  $applications
     *
     * @throws SuiteRefused
     */
    public function make(User $keeper, string $name, string $board, string $layout, System $system, array $applications): Suite
    {
        return DB::transaction(function () use ($keeper, $name, $board, $layout, $system, $applications): Suite {
            $slug = $this->freeSlug($name);
            $suite = Suite::query()->create([
                'slug' => $slug,
                'name' => $name,
                'board' => $board,
                'layout' => $layout,
                'system' => $system,
                'applications' => $applications,
                'token_hash' => null,
            ]);
            $this->story->tell($suite, $keeper, 'made', 'Was made');

            return $suite->refresh();
        });
    }

    /** @return string the new token, which is shown once; the one before opens nothing any more */
    public function newToken(Suite $suite, User $keeper): string
    {
        $token = 'zfs_'.Str::random(48);
        DB::transaction(function () use ($suite, $keeper, $token): void {
            $locked = $this->locked($suite);
            $this->forget($locked);
            $locked->update(['token_hash' => Suite::hashToken($token), 'token_made_at' => now(), 'second_agent_at' => null]);
            $this->story->tell($locked, $keeper, 'token', 'Has a new token; the one before is no longer good');
        });

        return $token;
    }

    public function withdrawToken(Suite $suite, User $keeper): Suite
    {
        return DB::transaction(function () use ($suite, $keeper): Suite {
            $locked = $this->locked($suite);
            $this->forget($locked);
            $locked->update(['token_hash' => null, 'token_made_at' => null]);
            $this->story->tell($locked, $keeper, 'token-withdrawn', 'Has no token any more');

            return $locked;
        });
    }

    /** It is no longer listed and its agent no longer let in; what happened there stays. */
    public function retire(Suite $suite, User $keeper): void
    {
        DB::transaction(function () use ($suite, $keeper): void {
            $locked = $this->locked($suite);
            $this->forget($locked);
            if ($locked->sitting !== null) {
                $this->sittings->leave($locked, $keeper);
            }
            $locked->update(['token_hash' => null, 'token_made_at' => null]);
            $this->story->tell($locked, $keeper, 'retired', 'Was retired');
            $locked->delete();
        });
    }

    /** The small file beside the database that would let the old token in for a while. */
    private function forget(Suite $suite): void
    {
        $before = clone $suite;
        DB::afterCommit(fn () => $this->presence->forget($before));
    }

    private function locked(Suite $suite): Suite
    {
        return Suite::query()->lockForUpdate()->findOrFail($suite->id);
    }

    /** @throws SuiteRefused */
    public function rename(Suite $locked, User $keeper, string $name): void
    {
        if ($locked->name !== $name) {
            $this->requireFree($name, $locked->id);
            $this->story->tell($locked, $keeper, 'renamed', "Is called {$name} now, {$locked->name} before");
            $locked->name = $name;
        }
    }

    private function requireFree(string $name, ?int $butFor = null): void
    {
        $taken = Suite::query()
            ->whereRaw('lower(name) = ?', [mb_strtolower($name)])
            ->where('id', '!=', $butFor ?? 0);
        if ($taken->exists()) {
            throw SuiteRefused::nameTaken($name);
        }
    }

    private function freeSlug(string $name): string
    {
        $this->requireFree($name);
        $wanted = Str::limit(Str::slug($name) ?: 'suite', 40, '');
        for ($number = 1; ; $number++) {
            $slug = $number === 1 ? $wanted : "{$wanted}-{$number}";
            if (! Suite::withTrashed()->where('slug', $slug)->exists()) {
                return $slug;
            }
        }
    }
}
