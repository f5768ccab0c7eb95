<?php

declare(strict_types=1);

namespace App\Learn;

use App\Export\Exporter;
use App\Intent\PersonalVocabulary;
use App\Keymap\KitReader;
use App\Library\Library;
use App\Models\User;
use App\Rehearse\DraftRehearsal;
use Zebrafinch\Core\Desktop\DesktopCatalogue;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Keyboard\Gesture;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Learn\Pressable;
use Zebrafinch\Core\Learn\QuestionKind;
use Zebrafinch\Core\Learn\Ways;

/** Puts a drill's questions: by what is wanted, by name, or by what becomes of the strip, tried with the stand-in. */
final readonly class Questions
{
    public function __construct(
        private Library $library,
        private KitReader $kit,
        private PersonalVocabulary $words,
        private SuiteToCome $toCome,
        private DraftRehearsal $rehearsal,
        private Exporter $exporter,
    ) {
    }

    public function of(StoredDrill $drill, User $user, Seat $here, string $id): Question
    {
        $data = $drill->questions[$id];
        $keymap = $this->keymap($drill, $user, $here, $data['application']);
        $application = $keymap->application;
        $gesture = Gesture::from($data['gesture']);
        $focus = $application->contexts->get($data['context']);
        $right = $this->right($drill, $user, $here, $id);
        $match = $this->words->vocabulary($user)->matchFor($application->id, $data['command']);
        $intent = $match === null ? null : $this->words->vocabulary($user)->intent($match->intent);
        $asked = new Question(
            $id,
            QuestionKind::Command,
            $keymap,
            $data['command'],
            $focus,
            $gesture,
            $application->commandName($data['command']),
            $right,
            null,
            $data['old_chord'],
        );
        $after = $right === null ? null : $this->rehearsed($drill, $user, $here, $asked)['state'] ?? null;
        $before = DraftRehearsal::freshStrip();
        $hasPicture = is_array($after) && $after !== $before;
        $kind = QuestionKind::turn($data['asked'], $intent !== null, $hasPicture);

        return new Question(
            $id,
            $kind,
            $keymap,
            $data['command'],
            $focus,
            $gesture,
            match ($kind) {
                QuestionKind::Command => $asked->text,
                QuestionKind::Intent => $intent->name ?? $asked->text,
                QuestionKind::Picture => 'Make this of the strip',
            },
            $right,
            $kind === QuestionKind::Picture && is_array($after) ? ['before' => $before, 'after' => $after] : null,
            $data['old_chord'],
        );
    }

    /** @return array<string, mixed>|null what the stand-in says of the right press */
    public function rehearsed(StoredDrill $drill, User $user, Seat $here, Question $question): ?array
    {
        if ($question->right === null) {
            return null;
        }
        $application = $question->keymap->application;
        $files = $drill->suite === null ? null : $this->toCome->files($user, $drill->suite);
        $desktop = $this->library->application(DesktopCatalogue::ID);

        return $this->rehearsal->once(
            $application,
            $files === null
                ? $this->exporter->inUse($user, $application)->bytes
                : $files[$application->id] ?? $this->library->factoryBytes($application),
            $files === null ? $this->exporter->inUse($user, $desktop)->bytes : $files[DesktopCatalogue::ID] ?? null,
            $question->keymap->seat,
            $question->focus,
            $question->right->chord,
            $question->gesture,
        );
    }

    private function keymap(StoredDrill $drill, User $user, Seat $here, string $application): LoadedKeymap
    {
        if ($drill->suite === null) {
            return $this->kit->of($user, $this->library->application($application))->at($here);
        }

        return $this->toCome->keymaps($user, $drill->suite)[$application];
    }

    /** The quickest right answer to a question; null for none. */
    public function right(StoredDrill $drill, User $user, Seat $here, string $id): ?Binding
    {
        ['application' => $application, 'command' => $command, 'context' => $focus, 'gesture' => $gesture] = $drill->questions[$id];
        $keymap = $this->keymap($drill, $user, $here, $application);

        return Pressable::quickest(
            $keymap,
            new Ways($keymap->seat, Learner::of($user)->speed()),
            $command,
            $focus,
            Gesture::from($gesture),
        );
    }
}
