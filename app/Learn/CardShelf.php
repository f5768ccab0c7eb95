<?php

declare(strict_types=1);

namespace App\Learn;

use App\Library\Library;
use App\Models\User;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use Zebrafinch\Core\Keyboard\Gesture;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Learn\BeforeLearning;
use Zebrafinch\Core\Learn\Box;
use Zebrafinch\Core\Learn\Card;
use Zebrafinch\Core\Learn\Deck;
use Zebrafinch\Core\Learn\Pressable;
use Zebrafinch\Core\Learn\Progress;
use Zebrafinch\Core\Usage\UsageDays;

/** The cards of each person. */
final readonly class CardShelf
{
    /** More than anybody learns; a card box that is larger was made by no person. */
    public const MOST_CARDS = 1_000;

    public function __construct(private Library $library)
    {
    }

    /** @return Collection<int, LearningCard> in the order in which they were added */
    public function of(User $user): Collection
    {
        return LearningCard::query()->where('user_id', $user->id)->orderBy('id')->get();
    }

    /**
     * What is to be asked of some cards: what was learned and is done by mouse again, by the latest weeks of the log, lies in the first
     * box again.
     *
     * @param  Collection<int, LearningCard>  $cards
     */
    public function deck(Collection $cards, UsageDays $days): Deck
    {
        $made = [];
        foreach ($cards as $card) {
            $made[] = $this->stateOf($card, $days);
        }

        return Deck::of(...$made);
    }

    /** As it is asked: what was learned and is done by mouse again begins anew. */
    public function stateOf(LearningCard $card, UsageDays $days): Card
    {
        return $this->isForgotten($card, $days) ? $card->card()->forgotten() : $card->card();
    }

    public function isForgotten(LearningCard $card, UsageDays $days): bool
    {
        return $card->box === null &&
            $card->learned_at !== null &&
            Progress::isForgotten($days, $card->learned_at->utc()->toDateString(), $card->application, $card->command);
    }

    /**
     * One that is there already stays as it is, but where its chord has moved: then it is learned anew.
     *
     * @param  list<array{application: string, command: string, context: string, gesture: Gesture, old_chord: string|null}>  $wanted
     *
     * @throws LearnRefused when the keymap has no chord for one of them at this keyboard; then none is added
     */
    public function add(Situation $situation, array $wanted): void
    {
        DB::transaction(function () use ($situation, $wanted): void {
            $user = User::locked($situation->user);
            if (LearningCard::query()->where('user_id', $user->id)->count() + count($wanted) > self::MOST_CARDS) {
                throw LearnRefused::tooManyCards(self::MOST_CARDS);
            }
            foreach ($wanted as $one) {
                $binding = $this->bindingOf($situation, $one['application'], $one['command'], $one['context'], $one['gesture']);
                if ($binding === null) {
                    throw LearnRefused::nothingToPress(
                        ($situation->keymapOf)($one['application'])->application->commandName($one['command']),
                        $one['application'],
                    );
                }
                $before = $this->before($situation, $one['application'], $one['command'], $binding);
                $card = LearningCard::query()->firstOrCreate(
                    [
                        'user_id' => $user->id,
                        'application' => $one['application'],
                        'command' => $one['command'],
                        'context' => $one['context'],
                        'gesture' => $one['gesture'],
                    ],
                    [
                        'box' => Box::First->value,
                        'added_at' => now(),
                        'old_chord' => $one['old_chord'],
                        'measured_from' => $before?->since,
                        'mouse_share' => $before?->mouseShare,
                        'seconds_each' => $before?->seconds,
                    ],
                );
                if ($one['old_chord'] !== null && ! $card->wasRecentlyCreated && $card->old_chord !== $one['old_chord']) {
                    $card->update(['box' => Box::First->value, 'seen_at' => null, 'learned_at' => null, 'old_chord' => $one['old_chord']]);
                }
            }
        });
    }

    public function remove(LearningCard $card): void
    {
        DB::transaction(static fn () => $card->delete());
    }

    /** What is pressed for a card; null where its application, context or command is not there any more, or has no chord here. */
    public function bindingFor(Situation $situation, LearningCard $card): ?Binding
    {
        if (! in_array($card->application, $this->library->applicationIds(), true)) {
            return null;
        }
        $application = ($situation->keymapOf)($card->application)->application;

        return $application->contexts->has($card->context)
            ? $this->bindingOf($situation, $card->application, $card->command, $card->context, $card->gesture)
            : null;
    }

    /** The quickest chord that runs a command with a focus; null for none. */
    private function bindingOf(Situation $situation, string $application, string $command, string $context, Gesture $gesture): ?Binding
    {
        return Pressable::quickest(($situation->keymapOf)($application), $situation->ways, $command, $context, $gesture);
    }

    /** What later logs are measured against; null where no log tells of the command. */
    private function before(Situation $situation, string $application, string $command, Binding $binding): ?BeforeLearning
    {
        $uses = $situation->recent->of($application, $command);
        $days = $situation->days->days();
        $chord = $situation->ways->byChord($binding);
        $known = ($situation->keymapOf)($application)->application;
        if ($uses === null || $days === [] || $chord === null || $uses->all() === 0) {
            return null;
        }
        $mouse = $situation->ways->byMouse($known->command($command));

        return new BeforeLearning(
            $application,
            $command,
            $days[count($days) - 1],
            $uses->byMouse / $uses->all(),
            $situation->ways->seconds($mouse) - $situation->ways->seconds($chord),
        );
    }

    /** @param  Collection<int, LearningCard>  $cards */
    public function progress(Collection $cards, UsageDays $days): Progress
    {
        $begun = [];
        foreach ($cards as $card) {
            $begun = [...$begun, ...$card->before() === null ? [] : [$card->before()]];
        }

        return Progress::of($days, $begun);
    }

    /** After the first answer to it in a drill. */
    public function answered(LearningCard $card, Card $before, bool $isRight, ?string $press): void
    {
        $after = $before->answered($isRight, now()->getTimestamp());
        $card->answers()->create(['at' => now(), 'press' => $press, 'is_right' => $isRight, 'box_before' => $before->box?->value]);
        $card->update([
            'box' => $after->box?->value,
            'seen_at' => now(),
            'learned_at' => $after->isLearned() ? $card->learned_at ?? now() : null,
            // What has become a habit is no longer what it was before.
            'old_chord' => $after->isLearned() ? null : $card->old_chord,
            'asked' => $card->asked + 1,
            'missed' => $card->missed + ($isRight ? 0 : 1),
        ]);
    }
}
