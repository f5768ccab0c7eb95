<?php

declare(strict_types=1);

namespace App\Preset;

use App\Keymap\CurrentKeymap;
use App\Keymap\KeymapRefused;
use App\Keymap\KitReader;
use App\Library\Library;
use App\Models\Follow;
use App\Models\Kit;
use App\Models\Preset;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Zebrafinch\Core\Keymap\Bindings;
use Zebrafinch\Core\Preset\Side;
use Zebrafinch\Core\Preset\TakingIn;

/** What is new in a preset for somebody's kit, and taking it in: a three-way merge in each application. */
final readonly class News
{
    public function __construct(
        private Library $library,
        private KitReader $kit,
        private NewsTaker $taker,
    ) {
    }

    /**
     * @param  array<string, Side>  $answers
     * @return list<KeymapNews> of the applications in which there is anything
     */
    public function of(User $user, Preset $preset, array $answers = []): array
    {
        $newest = $preset->newest()->firstOrFail();
        $follow = $user->kit->follows()->where('preset_id', $preset->id)->with('release')->first();
        $base = $follow?->release?->content()->keymaps ?? [];
        $each = $this->kit->each($user);
        $news = [];
        foreach ($newest->content()->keymaps as $id => $theirs) {
            $current = $each($id);
            $taking = TakingIn::of($this->base($current, $base[$id] ?? null), $current->bindings, $theirs, $answers);
            if (! $taking->change->isEmpty() || $taking->questions !== []) {
                $news[] = new KeymapNews($current, $taking);
            }
        }

        return $news;
    }

    /** What neither has was there as the application came. */
    private function base(CurrentKeymap $current, ?Bindings $base): Bindings
    {
        return $base ?? $this->library->factoryBindings($current->application);
    }

    /**
     * @param  array<string, Side>  $answers
     * @param  array<string, int>  $versions  of the keymaps that it was decided on, 0 for a factory one
     * @return list<KeymapNews> what was taken in
     *
     * @throws PresetRefused|KeymapRefused
     */
    public function take(User $user, Preset $preset, int $upTo, array $answers, array $versions): array
    {
        return DB::transaction(function () use ($user, $preset, $upTo, $answers, $versions): array {
            Kit::lock($user->kit->id);
            $newest = $preset->newest()->with(['author', 'preset'])->firstOrFail();
            if ($newest->id !== $upTo) {
                throw PresetRefused::stale($preset, $newest);
            }
            $news = $this->of($user, $preset, $answers);
            foreach ($news as $one) {
                $this->taker->take(
                    $user,
                    $one,
                    "Taken in from {$newest->title()}",
                    $preset->name,
                    $versions[$one->current->application->id] ?? 0,
                );
            }
            Follow::query()->updateOrCreate(
                ['kit_id' => $user->kit->id, 'preset_id' => $preset->id],
                ['release_id' => $newest->id] + ($this->isFollowed($user, $preset) ? [] : ['is_asked' => false]),
            );

            return $news;
        });
    }

    private function isFollowed(User $user, Preset $preset): bool
    {
        return $user->kit->follows()->where('preset_id', $preset->id)->exists();
    }
}
