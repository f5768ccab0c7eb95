<?php

declare(strict_types=1);

namespace App\Learn\Http;

use App\Learn\Answered;
use App\Learn\Question;
use App\Learn\StoredDrill;
use App\Library\Library;
use App\Resources\JsonAnswer;
use App\Resources\Shapes;
use Illuminate\Http\Request;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Learn\Drill;

/** One go at some cards: what is asked now, and what came of the answer before. */
final class DrillResource extends JsonAnswer
{
    public function __construct(
        private readonly StoredDrill $stored,
        private readonly ?Question $question,
        private readonly ?Answered $answered,
        private readonly Seat $seat,
    ) {
        parent::__construct($stored);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $drill = $this->stored->drill();
        $missed = array_map($this->named(...), $drill->missed());

        return [
            'id' => $this->stored->id,
            'suite' => $this->stored->suite === null ? null : ['id' => $this->stored->suite->slug, 'name' => $this->stored->suite->name],
            'seat' => [
                'system' => $this->seat->system->value,
                'board' => $this->seat->board->id,
                'layout' => $this->seat->layout->id,
            ],
            'started_at' => $this->stored->started_at->toIso8601String(),
            'ends_at' => $this->stored->started_at->copy()->addSeconds(Drill::MOST_SECONDS)->toIso8601String(),
            'seconds_left' => max(0, $drill->started + Drill::MOST_SECONDS - now()->getTimestamp()),
            'answered' => count($drill->answers),
            'left' => $drill->left(),
            'cards' => count(array_unique(array_column($drill->answers, 'card'))),
            'missed' => $missed,
            'question' => $this->question === null ? null : $this->question($this->question),
            'last' => $this->answered === null ? null : $this->answer($this->answered),
        ];
    }

    /** @return array<string, mixed> */
    private function named(string $id): array
    {
        $data = $this->stored->questions[$id];
        $library = app(Library::class);
        $name = $library->knows($data['application'])
            ? $library->application($data['application'])->commandName($data['command'])
            : $data['command'];

        return ['id' => $data['command'], 'name' => $name];
    }

    /** @return array<string, mixed> without the answer */
    private function question(Question $question): array
    {
        $application = $question->keymap->application;
        $shapes = new Shapes($application, $this->seat);

        return [
            'id' => $question->id,
            'kind' => $question->kind->value,
            'text' => $question->text,
            'application' => Shapes::application($application),
            'context' => $shapes->contextName($question->focus),
            'gesture' => $question->gesture->value,
            'tells_hold' => $application->tellsHold,
            'picture' => $question->picture,
            'old_chord' => $question->oldChord === null ? null : $shapes->chord(Chord::parse($question->oldChord)),
        ];
    }

    /** @return array<string, mixed> */
    private function answer(Answered $answered): array
    {
        $question = $answered->question;
        $shapes = new Shapes($question->keymap->application, $this->seat);

        return [
            'question' => $this->question($question),
            'command' => $shapes->commandName($question->command),
            'is_right' => $answered->isRight,
            'pressed' => $answered->pressed === null ? null : $shapes->chord($answered->pressed),
            'right' => $question->right === null ? null : $shapes->binding($question->right),
            'ladder' => $answered->isRight || $answered->ladder === null ? null : $shapes->ladder($answered->ladder),
            'did' => $answered->rehearsed['did'] ?? null,
            'state' => $answered->rehearsed['state'] ?? null,
        ];
    }
}
