<?php

declare(strict_types=1);

namespace App\Harmonise;

use App\Intent\PersonalVocabulary;
use App\Keymap\CurrentKeymap;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Queue\SerializesModels;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Harmonise\Solve\Progress;
use Zebrafinch\Core\Keymap\Change;
use Zebrafinch\Core\Refusal;

/** Searches for common chords, tells how far it is, and ends early when it is cancelled or its time is over. */
final class HarmoniseKit implements ShouldQueue
{
    use Queueable;
    use SerializesModels;

    /** How often progress is written and cancelling noticed, in seconds. */
    private const TELLS_EVERY = 0.3;

    public int $tries = 1;

    public int $timeout = 55;

    private float $lastTold = 0.0;

    private bool $isCancelled = false;

    public function __construct(public readonly Harmonisation $harmonisation)
    {
    }

    public function handle(KitProblem $problem, PersonalVocabulary $words): void
    {
        $harmonisation = $this->harmonisation->refresh();
        if ($harmonisation->is_cancelled) {
            $harmonisation->update(['state' => HarmonisationState::Cancelled]);

            return;
        }
        $user = $harmonisation->kit->user;
        $current = $problem->current($harmonisation);
        $harmonisation->update([
            'state' => HarmonisationState::Running,
            'versions' => array_map(
                static fn (CurrentKeymap $keymap): array => ['keymap' => $keymap->own?->id, 'version' => $keymap->own->version ?? 0],
                $current,
            ),
        ]);
        try {
            $kit = $problem->instance($harmonisation, $current);
            $ends = microtime(true) + $harmonisation->request['seconds'];
            $found = $problem
                ->harmoniser($user)
                ->harmonise($kit, fn (Progress $now): bool => $this->tell($harmonisation, $now) && microtime(true) < $ends);
        } catch (Refusal $refusal) {
            $harmonisation->update([
                'state' => HarmonisationState::Refused,
                'result' => ['detail' => $refusal->getMessage(), 'remedy' => $refusal->remedy],
            ]);

            return;
        }
        /** @var non-empty-list<LoadedKeymap> $keymaps */
        $keymaps = array_values(
            array_map(static fn (CurrentKeymap $keymap): LoadedKeymap => $keymap->at($problem->seat($harmonisation)), $current),
        );
        $vocabulary = $words->vocabulary($user);
        $harmonisation->update([
            'state' => $this->isCancelled ? HarmonisationState::Cancelled : HarmonisationState::Done,
            'best' => $found->answer->cost,
            'bound' => $found->answer->bound,
            'result' => (new ResultShape($problem->seat($harmonisation), $vocabulary, $words->importance($user, $vocabulary)))->of(
                $found,
                $keymaps,
            ),
            'changes' => array_map(static fn (Change $change): array => $change->toData(), $found->changes()),
            'instance' => Harmonisations::pack($kit->instance),
            'answer' => $found->answer->toData(),
        ]);
    }

    /** Whether it is to go on. */
    private function tell(Harmonisation $harmonisation, Progress $now): bool
    {
        if (microtime(true) - $this->lastTold > self::TELLS_EVERY) {
            $this->lastTold = microtime(true);
            $harmonisation->update([
                'best' => is_finite($now->cost) ? $now->cost : null,
                'bound' => is_finite($now->bound) ? $now->bound : null,
            ]);
            $this->isCancelled = Harmonisation::query()->whereKey($harmonisation->id)->where('is_cancelled', true)->exists();
        }

        return ! $this->isCancelled;
    }

    public function failed(): void
    {
        $this->harmonisation->update(['state' => HarmonisationState::Failed]);
    }
}
