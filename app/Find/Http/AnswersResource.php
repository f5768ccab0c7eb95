<?php

declare(strict_types=1);

namespace App\Find\Http;

use App\Keymap\CurrentKeymap;
use App\Library\Library;
use App\Resources\JsonAnswer;
use App\Resources\Shapes;
use Closure;
use Illuminate\Http\Request;
use Zebrafinch\Core\Across\Stripe;
use Zebrafinch\Core\Across\StripeCell;
use Zebrafinch\Core\Across\StripeState;
use Zebrafinch\Core\Application\CommandTrait;
use Zebrafinch\Core\Desktop\DesktopCatalogue;
use Zebrafinch\Core\Intent\Found;
use Zebrafinch\Core\Intent\Intent;
use Zebrafinch\Core\Intent\Vocabulary;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keyboard\Gesture;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Keyboard\UnreadableChord;
use Zebrafinch\Core\Keymap\Binding;

/** What was found by words: intents with their commands, and the chord that the words spell. */
final class AnswersResource extends JsonAnswer
{
    /**
     * @param  list<Found>  $found
     * @param  bool  $asTitles  whether commands are shown as the menu titles that run them, which the desktop binds
     * @param  Closure(string): CurrentKeymap  $keymapOf  an application
     */
    public function __construct(
        private readonly string $words,
        private readonly array $found,
        private readonly bool $asTitles,
        private readonly Closure $keymapOf,
        private readonly Vocabulary $vocabulary,
        private readonly Library $library,
        private readonly Seat $seat,
    ) {
        parent::__construct($found);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        [$chord, $problem] = $this->chord();

        return [
            'chord' => $chord === null ? null : Shapes::chordAt($this->seat->printer(), $chord),
            'chord_problem' => $this->found === [] || mb_strlen(trim($this->words)) > 1 ? $problem : null,
            'applications' => array_map(
                fn (string $id): array => Shapes::application(($this->keymapOf)($id)->application),
                $this->columns(),
            ),
            'answers' => array_map($this->answer(...), $this->found),
        ];
    }

    /** @return list<string> the applications in which something was found, by id */
    private function columns(): array
    {
        if ($this->asTitles) {
            return $this->found === [] ? [] : [DesktopCatalogue::ID];
        }
        $ids = array_column(array_merge(...array_map(static fn (Found $found): array => $found->commands, $this->found)), 'application');
        $ids = array_values(array_unique($ids));
        sort($ids);

        return $ids;
    }

    /** @return array{Chord|null, string|null} the chord that the words spell, or why they spell none though they look like one */
    private function chord(): array
    {
        $reader = $this->seat->reader();
        if (! $reader->looksLikeChord($this->words)) {
            return [null, null];
        }
        try {
            return [$reader->read($this->words), null];
        } catch (UnreadableChord $error) {
            return [null, "{$error->getMessage()} {$error->remedy}"];
        }
    }

    /** @return array<string, mixed> */
    private function answer(Found $found): array
    {
        $intent = $found->intent === null ? null : $this->vocabulary->intent($found->intent);

        $stripe = $intent === null || $this->asTitles ? null : $this->stripe($intent, $found);

        return [
            'state' => ($stripe->state ?? StripeState::Single)->value,
            'runs_on' => array_map(
                static fn (StripeCell $cell): string => $cell->application->id,
                array_values(array_intersect_key($stripe->cells ?? [], array_filter($stripe->runsOn ?? []))),
            ),
            'intent' => $intent === null ? null : ['id' => $intent->id, 'name' => $intent->name, 'synonyms' => $intent->synonyms],
            'hits' => array_map(fn (array $hit): array => $this->hit($hit['application'], $hit['command']), $found->commands),
        ];
    }

    /** How alike the first of the commands are that were found in each application. */
    private function stripe(Intent $intent, Found $found): Stripe
    {
        $first = array_column(array_reverse($found->commands), 'command', 'application');
        $cells = [];
        foreach ($this->columns() as $id) {
            $keymap = ($this->keymapOf)($id);
            $match = isset($first[$id]) ? $this->vocabulary->matchFor($id, $first[$id]) : null;
            $cells[] = StripeCell::of($keymap->application, $keymap->bindings, $this->seat, $match);
        }
        assert($cells !== []);

        return Stripe::of($intent, $cells, 1.0);
    }

    /** @return array<string, mixed> */
    private function hit(string $of, string $id): array
    {
        [$keymap, $id] = $this->asTitles ? $this->title($of, $id) : [($this->keymapOf)($of), $id];
        $application = $keymap->application;
        $command = $application->command($id);
        $shapes = new Shapes($application, $this->seat);

        return [
            'application' => Shapes::application($application),
            'command' => $shapes->commandName($id),
            'menu' => $command->menu,
            'tooltip' => $command->tooltip,
            'context' => $shapes->contextName($application->contexts->get($command->home)),
            'is_menu_only' => $command->is(CommandTrait::MenuOnly),
            'is_changed' => in_array($id, $keymap->changedCommands($this->library), true),
            'chords' => $this->chords($keymap, $id, Gesture::Tap, $shapes),
            'holds' => $this->chords($keymap, $id, Gesture::Hold, $shapes),
        ];
    }

    /** @return list<array<string, mixed>> */
    private function chords(CurrentKeymap $keymap, string $command, Gesture $gesture, Shapes $shapes): array
    {
        $bound = array_filter($keymap->bindings->ofCommand($command), static fn (Binding $one): bool => $one->gesture === $gesture);
        $chords = [];
        foreach ($bound as $binding) {
            $chords[$binding->chord->id()] ??= $shapes->chord($binding->chord);
        }

        return array_values($chords);
    }

    /** @return array{CurrentKeymap, string} the desktop's keymap and its command that chooses the menu title of a command */
    private function title(string $application, string $command): array
    {
        $menu = $this->library->application($application)->command($command)->menu;

        return [($this->keymapOf)(DesktopCatalogue::ID), DesktopCatalogue::command($application, $menu[count($menu) - 1])];
    }
}
