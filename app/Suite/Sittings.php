<?php

declare(strict_types=1);

namespace App\Suite;

use App\Keymap\KitReader;
use App\Library\Library;
use App\Models\Sitting;
use App\Models\StoredFile;
use App\Models\Suite;
use App\Models\User;
use App\Preset\KeymapNews;
use App\Preset\NewsTaker;
use App\Preset\PresetRefused;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Zebrafinch\Core\Keymap\Bindings;
use Zebrafinch\Core\Preset\Side;
use Zebrafinch\Core\Preset\TakingIn;
use Zebrafinch\Core\Suite\SittingEnd;
use Zebrafinch\Core\Suite\SuiteState;

/** People with their own keys in a suite for a time. */
final readonly class Sittings
{
    public function __construct(
        private Assignments $assignments,
        private Library $library,
        private KitReader $kit,
        private NewsTaker $taker,
        private Story $story,
    ) {
    }

    /**
     * Where they sit already they go on with the new time. Whoever else sits there goes when it is said so.
     *
     * @param  Carbon|null  $until  null until they leave
     * @param  list<string>  $accepted  faults of their keys that they have accepted by name
     * @param  bool  $tellsUsage  whether they have said yes to their uses being counted
     *
     * @throws SuiteRefused
     */
    public function sitDown(Suite $suite, User $user, ?Carbon $until, array $accepted, bool $takesOver, bool $tellsUsage = false): void
    {
        $this->assignments->change($suite, function (Suite $locked) use ($user, $until, $accepted, $takesOver, $tellsUsage): void {
            $there = $locked->sitting()->with('user')->first();
            if ($there !== null && $there->user_id === $user->id) {
                $there->update(['until' => $until, 'accepted' => $accepted, 'tells_usage' => $tellsUsage]);

                return;
            }
            if ($there !== null && ! $takesOver) {
                throw SuiteRefused::sittingTaken($there->user->name, $locked);
            }
            if ($there !== null) {
                $this->end($locked, $there, SittingEnd::Followed, $user);
            }
            $locked->sittings()->create([
                'user_id' => $user->id,
                'started_at' => now(),
                'until' => $until,
                'tells_usage' => $tellsUsage,
                'accepted' => $accepted,
                'offered' => [],
            ]);
            $this->story->tell(
                $locked,
                $user,
                'sat-down',
                $until === null ? 'Sat down, until they leave' : "Sat down until {$until->toIso8601String()}",
            );
        });
    }

    /** The yes to one's uses being counted is said, or taken back; a sitting that is over tells nothing any more. */
    public function tellUsage(Sitting $sitting, bool $tells): void
    {
        $this->assignments->change($sitting->suite, static fn () => $sitting->update(['tells_usage' => $tells]));
    }

    /** @throws SuiteRefused */
    public function leave(Suite $suite, User $user): void
    {
        $this->assignments->change($suite, function (Suite $locked) use ($user): void {
            $there = $locked->sitting()->with('user')->first() ?? throw SuiteRefused::nobodySits($locked);
            $this->end($locked, $there, $there->user_id === $user->id ? SittingEnd::Left : SittingEnd::Freed, $user);
        });
    }

    /** Ends those whose time is up, wherever they are. */
    public function endOverdue(): void
    {
        $overdue = Sitting::query()->open()->where('until', '<=', now())->with('suite')->get();
        foreach ($overdue as $sitting) {
            $this->assignments->change($sitting->suite, function (Suite $locked) use ($sitting): void {
                $there = $locked->sitting()->first();
                if ($there !== null && $there->id === $sitting->id && $there->until?->lte(now()) === true) {
                    $this->end($locked, $there, SittingEnd::TimeUp, null);
                }
            });
        }
    }

    private function end(Suite $locked, Sitting $sitting, SittingEnd $why, ?User $by): void
    {
        $this->assignments->step($locked, static fn (SuiteState $state): SuiteState => $state->left());
        $sitting->update([
            'ended_at' => now(),
            'ended_by' => $why,
            'given_back_at' => $locked->state->isGivingBack() ? null : now(),
        ]);
        $this->story->tell($locked, $by, 'left', "{$sitting->user->name} has gone: {$why->inWords()}");
    }

    /** @return Collection<int, Sitting> where somebody sits now */
    public function openOf(User $user): Collection
    {
        return Sitting::query()->open()->where('user_id', $user->id)->with('suite')->orderBy('id')->get();
    }

    /** @return Collection<int, Sitting> those from which somebody may still take something along */
    public function offersTo(User $user): Collection
    {
        return Sitting::query()->offering()->where('user_id', $user->id)->with('suite')->orderByDesc('id')->get();
    }

    /** What somebody has is new: where they sit it is due from now on. */
    public function kitChanged(int $kit): void
    {
        $sittings = Sitting::query()->open()->whereHas('user.kit', static fn ($kits) => $kits->whereKey($kit))->with('suite')->get();
        foreach ($sittings as $sitting) {
            $this->assignments->change($sitting->suite, static fn (): null => null);
        }
    }

    /**
     * What somebody changed by hand in a suite, against what they have now.
     *
     * @param  array<string, Side>  $answers
     */
    public function offer(User $user, Sitting $sitting, string $application, array $answers = []): ?KeymapNews
    {
        $offer = $sitting->offered[$application] ?? null;
        if ($offer === null) {
            return null;
        }
        $current = $this->kit->of($user, $this->library->application($application));

        return new KeymapNews(
            $current,
            TakingIn::of(
                $this->read($application, $offer['given']),
                $current->bindings,
                $this->read($application, $offer['by_hand']),
                $answers,
            ),
        );
    }

    /**
     * @param  array<string, Side>  $answers
     *
     * @throws PresetRefused|\App\Keymap\KeymapRefused
     */
    public function takeOffer(User $user, Sitting $sitting, string $application, array $answers, int $version): void
    {
        DB::transaction(function () use ($user, $sitting, $application, $answers, $version): void {
            $news = $this->offer($user, $sitting, $application, $answers);
            if ($news === null) {
                return;
            }
            $byHand = $sitting->offered[$application]['by_hand'];
            $this->taker->take($user, $news, "Changed by hand in {$sitting->suite->name}", $sitting->suite->name, $version);
            // It is in their keys now: where they sit still, these may take its place.
            if ($sitting->ended_at === null) {
                $this->assignments->change(
                    $sitting->suite,
                    fn (Suite $locked) => $this->assignments->step(
                        $locked,
                        static fn (SuiteState $state): SuiteState => $state->allowing($application, $byHand),
                    ),
                );
            }
            $this->dismissOffer($sitting, $application);
        });
    }

    public function dismissOffer(Sitting $sitting, string $application): void
    {
        $sitting->update(['offered' => array_diff_key($sitting->offered, [$application => true])]);
    }

    private function read(string $application, string $sha256): Bindings
    {
        $known = $this->library->application($application);

        return $this->library->dialect($known)->read((string) StoredFile::bytesOf($sha256), $known)->bindings();
    }
}
