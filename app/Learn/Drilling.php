<?php

declare(strict_types=1);

namespace App\Learn;

use App\Models\Suite;
use App\Models\User;
use App\Suite\FamiliarSuite;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Zebrafinch\Core\Across\Surprise;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Focus\Who;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keyboard\Gesture;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Learn\Drill;
use Zebrafinch\Core\Learn\MovedChord;

/**
 * Goes at cards: begun, asked one by one, answered. A drill is stored after each answer and goes on after any restart.
 *
 * @phpstan-import-type QuestionData from StoredDrill
 */
final readonly class Drilling
{
    public function __construct(
        private Situations $situations,
        private CardShelf $shelf,
        private Differences $differences,
        private SuiteToCome $toCome,
        private FamiliarSuite $familiar,
        private Questions $questions,
    ) {
    }

    /**
     * What is due, or, ahead of time, all that is learned.
     *
     * @throws LearnRefused
     */
    public function due(User $user, Seat $seat, ?string $application, ?string $context, bool $isAhead): StoredDrill
    {
        $situation = $this->situations->of($user, $seat);
        $cards = $this->shelf
            ->of($user)
            ->filter(
                static fn (LearningCard $one): bool => ($application === null || $one->application === $application) &&
                    ($context === null || $one->context === $context),
            );
        $deck = $this->shelf->deck($cards, $situation->days);
        $now = now()->getTimestamp();
        $wanted = $isAhead ? $deck->soonest() : $deck->due($now);
        $pressable = [];
        foreach ($wanted as $card) {
            /** @var LearningCard $row */
            $row = $cards->firstOrFail('id', (int) $card->id);
            // What has no chord any more is not asked; the list of cards says so.
            if ($this->shelf->bindingFor($situation, $row) !== null) {
                $pressable[$card->id] = self::question($row);
            }
        }
        if ($pressable === []) {
            $next = $deck->nextDue($now);
            throw LearnRefused::nothingDue($next === null ? null : Carbon::createFromTimestamp($next));
        }

        return $this->begin($user, $pressable, null);
    }

    /**
     * What has moved: each becomes a card, with the old chord named.
     *
     * @throws LearnRefused
     */
    public function different(User $user, Seat $seat): StoredDrill
    {
        $situation = $this->situations->of($user, $seat);
        $wanted = [];
        foreach ($this->differences->of($situation) as $application => $moved) {
            foreach (array_filter($moved, static fn (MovedChord $one): bool => $one->now !== null) as $one) {
                $wanted[] = [
                    'application' => $application,
                    'command' => $one->old->command,
                    'context' => $one->old->context,
                    'gesture' => $one->now->gesture ?? Gesture::Tap,
                    'old_chord' => $one->old->chord->id(),
                ];
            }
        }
        if ($wanted === []) {
            throw LearnRefused::nothingDiffers();
        }
        $this->shelf->add($situation, $wanted);
        $questions = [];
        foreach ($this->shelf->of($user) as $row) {
            foreach ($wanted as $one) {
                if ([$row->application, $row->command, $row->context] === [$one['application'], $one['command'], $one['context']]) {
                    $questions[(string) $row->id] = ['old_chord' => $one['old_chord']] + self::question($row);
                }
            }
        }

        return $this->begin($user, $questions, null);
    }

    /**
     * What will be different in a suite; nothing of it moves a card.
     *
     * @throws LearnRefused
     */
    public function suite(User $user, Seat $here, Suite $suite): StoredDrill
    {
        $questions = [];
        foreach ($this->surprises($user, $here, $suite) as $surprise) {
            $id = "{$surprise->application->id} {$surprise->binding->context} {$surprise->expected}";
            $questions[$id] ??= [
                'card' => null,
                'application' => $surprise->application->id,
                'command' => $surprise->expected,
                'context' => $surprise->binding->context,
                'gesture' => $surprise->binding->gesture->value,
                'asked' => count($questions),
                'old_chord' => $surprise->binding->chord->id(),
            ];
        }
        $drill = new StoredDrill(['user_id' => $user->id, 'suite_id' => $suite->id, 'questions' => $questions]);
        $drill->setRelation('suite', $suite);
        $answerable = array_filter(
            $questions,
            fn (string|int $id): bool => $this->questions->right($drill, $user, $here, (string) $id) !== null,
            ARRAY_FILTER_USE_KEY,
        );
        if ($answerable === []) {
            throw LearnRefused::nothingDiffers();
        }

        return $this->begin($user, $answerable, $suite);
    }

    /** @return list<Surprise> what somebody's hands will be surprised by where they sit down, the most dangerous first */
    public function surprises(User $user, Seat $here, Suite $suite): array
    {
        return $this->familiar->between($user, $here, $this->toCome->keymaps($user, $suite))->surprises;
    }

    /** @return array<string, LoadedKeymap> what will be there, by application */
    public function there(User $user, Suite $suite): array
    {
        return $this->toCome->keymaps($user, $suite);
    }

    /** Where its keys are pressed: at the suite's keyboard, or here. */
    public function seat(StoredDrill $drill, Seat $here): Seat
    {
        return $drill->suite === null ? $here : $this->toCome->seat($drill->suite);
    }

    /** The question to answer; null when the drill is over. */
    public function current(StoredDrill $drill, User $user, Seat $here): ?Question
    {
        $next = $drill->ended_at === null ? $drill->drill()->next(now()->getTimestamp()) : null;

        return $next === null ? null : $this->questions->of($drill, $user, $here, $next);
    }

    /**
     * An answer to what is asked. One that comes twice, or to another question, changes nothing.
     *
     * @param  Chord|null  $chord  null for "I do not know"
     * @return Answered|null what came of it; null where it was not asked
     */
    public function answer(StoredDrill $drill, User $user, Seat $here, string $question, ?Chord $chord, Gesture $gesture): ?Answered
    {
        return DB::transaction(function () use ($drill, $user, $here, $question, $chord, $gesture): ?Answered {
            $locked = StoredDrill::query()->lockForUpdate()->findOrFail($drill->id);
            $state = $locked->drill();
            $now = now()->getTimestamp();
            if ($locked->ended_at !== null || $state->next($now) !== $question) {
                $drill->refresh();

                return null;
            }
            $asked = $this->questions->of($locked, $user, $here, $question);
            $ladder = $chord === null ? null : (new Who($asked->keymap))->gets($chord, $gesture, $asked->focus->id);
            $winner = $ladder?->winner();
            $isRight =
                $winner !== null &&
                $winner->command === $asked->command &&
                (! $asked->keymap->application->tellsHold || $gesture === $asked->gesture);
            if ($state->isFirst($question)) {
                $this->move($locked, $user, $question, $isRight, $chord);
            }
            $after = $state->answered($question, $isRight, $now);
            $locked->update([
                'state' => $after->toData(),
                'ended_at' => $after->next($now) === null ? now() : null,
            ]);
            $drill->refresh();

            return new Answered(
                $asked,
                $isRight,
                $chord,
                $ladder,
                $isRight ? $this->questions->rehearsed($locked, $user, $here, $asked) : null,
            );
        });
    }

    private function move(StoredDrill $drill, User $user, string $question, bool $isRight, ?Chord $chord): void
    {
        $id = $drill->questions[$question]['card'];
        $row = $id === null ? null : LearningCard::query()->where('user_id', $user->id)->lockForUpdate()->find($id);
        if ($row !== null) {
            $days = $this->situations->days($user);
            $before = $this->shelf->stateOf($row, $days);
            $this->shelf->answered($row, $before, $isRight, $chord?->id());
        }
    }

    /** @return QuestionData */
    private static function question(LearningCard $row): array
    {
        return [
            'card' => $row->id,
            'application' => $row->application,
            'command' => $row->command,
            'context' => $row->context,
            'gesture' => $row->gesture->value,
            'asked' => $row->asked,
            'old_chord' => $row->old_chord,
        ];
    }

    /** @param  array<array-key, QuestionData>  $questions  the most urgent first */
    private function begin(User $user, array $questions, ?Suite $suite): StoredDrill
    {
        $drill = Drill::of(array_map(strval(...), array_keys($questions)), now()->getTimestamp());

        return DB::transaction(static function () use ($user, $questions, $suite, $drill): StoredDrill {
            // One at a time: whoever begins anew has left the one before.
            StoredDrill::query()
                ->where('user_id', $user->id)
                ->whereNull('ended_at')
                ->update(['ended_at' => now()]);

            return StoredDrill::query()->create([
                'user_id' => $user->id,
                'suite_id' => $suite?->id,
                'questions' => (object) $questions,
                'state' => $drill->toData(),
                'started_at' => now(),
            ]);
        });
    }
}
