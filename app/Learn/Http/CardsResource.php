<?php

declare(strict_types=1);

namespace App\Learn\Http;

use App\Learn\CardShelf;
use App\Learn\LearningCard;
use App\Learn\Situation;
use App\Library\Library;
use App\Resources\JsonAnswer;
use App\Resources\Shapes;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;

/** All that somebody learns, card by card. */
final class CardsResource extends JsonAnswer
{
    /** @param  Collection<int, LearningCard>  $cards */
    public function __construct(
        private readonly Situation $situation,
        private readonly Collection $cards,
        private readonly CardShelf $shelf,
        private readonly Library $library,
    ) {
        parent::__construct($cards);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return ['cards' => $this->cards->map($this->card(...))->all()];
    }

    /** @return array<string, mixed> */
    private function card(LearningCard $card): array
    {
        $state = $this->shelf->stateOf($card, $this->situation->days);
        $due = $state->due();

        return [
            'id' => $card->id,
            'gesture' => $card->gesture->value,
            'box' => $state->box?->value,
            'due_at' => $due === null ? null : Carbon::createFromTimestamp($due)->toIso8601String(),
            'is_due' => $state->isDue(now()->getTimestamp()),
            'is_forgotten' => $this->shelf->isForgotten($card, $this->situation->days),
            'added_at' => $card->added_at->toIso8601String(),
            'learned_at' => $card->learned_at?->toIso8601String(),
            'asked' => $card->asked,
            'missed' => $card->missed,
        ] + $this->named($card);
    }

    /** @return array<string, mixed> names and chord; where the application is not there any more, what is left of them */
    private function named(LearningCard $card): array
    {
        if (! in_array($card->application, $this->library->applicationIds(), true)) {
            return [
                'application' => ['id' => $card->application, 'name' => $card->application],
                'command' => ['id' => $card->command, 'name' => $card->command, 'known' => false],
                'context' => ['id' => $card->context, 'name' => $card->context],
                'chord' => null,
            ];
        }
        $application = ($this->situation->keymapOf)($card->application)->application;
        $shapes = new Shapes($application, $this->situation->seat);
        $hasContext = $application->contexts->has($card->context);
        $binding = $this->shelf->bindingFor($this->situation, $card);

        return [
            'application' => Shapes::application($application),
            'command' => $shapes->commandName($card->command),
            'context' => $hasContext
                ? $shapes->contextName($application->contexts->get($card->context))
                : ['id' => $card->context, 'name' => $card->context],
            'chord' => $binding === null ? null : $shapes->chord($binding->chord),
        ];
    }
}
