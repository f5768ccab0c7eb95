<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\FindRequest;
use App\Http\Shapes\Shapes;
use App\Keymaps\CurrentKeymap;
use App\Keymaps\KitReader;
use App\Library\Library;
use Closure;
use Illuminate\Http\JsonResponse;
use Zebrafinch\Core\Application\CommandTrait;
use Zebrafinch\Core\Desktop\DesktopCatalogue;
use Zebrafinch\Core\Intent\Found;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keyboard\UnreadableChord;
use Zebrafinch\Core\Keymap\Binding;

/** Commands by words, over all applications at once; words that spell a chord are read as one. */
final readonly class FindController
{
    private const MOST_ANSWERS = 30;

    public function __construct(private Library $library, private KitReader $kit)
    {
    }

    public function __invoke(FindRequest $request): JsonResponse
    {
        $words = $request->string('words')->toString();
        $keymap = $this->kit->each($request->person());
        $narrows = $request->narrows();
        $found = $this->library->search()->find($words, self::MOST_ANSWERS, fn (array $entry): bool => ! $narrows || $request->wants($entry, $keymap, $this->library));
        $reader = $request->seat()->reader();
        [$chord, $problem] = $reader->looksLikeChord($words) ? $this->chord($request, $words) : [null, null];

        return new JsonResponse([
            'chord' => $chord === null ? null : Shapes::chordAt($request->seat()->printer(), $chord),
            'chord_problem' => $found === [] || mb_strlen(trim($words)) > 1 ? $problem : null,
            'answers' => array_map(fn (Found $one): array => $this->answer($one, $keymap, $request), $found),
        ]);
    }

    /** @return array{Chord|null, string|null} */
    private function chord(FindRequest $request, string $words): array
    {
        try {
            return [$request->seat()->reader()->read($words), null];
        } catch (UnreadableChord $error) {
            return [null, $error->getMessage().' '.$error->remedy];
        }
    }

    /**
     * @param  Closure(string): CurrentKeymap  $keymap  of an application
     * @return array<string, mixed>
     */
    private function answer(Found $found, Closure $keymap, FindRequest $request): array
    {
        $intent = $found->intent === null ? null : $this->library->vocabulary()->intent($found->intent);

        return [
            'intent' => $intent === null ? null : ['id' => $intent->id, 'name' => $intent->name, 'synonyms' => $intent->synonyms],
            'hits' => array_map(fn (array $one): array => $this->hit(...$this->asAsked($keymap, $one['application'], $one['command'], $request)), $found->commands),
        ];
    }

    /**
     * The command, or the menu title that runs it where the desktop is asked.
     *
     * @param  Closure(string): CurrentKeymap  $keymap
     * @return array{CurrentKeymap, string, FindRequest}
     */
    private function asAsked(Closure $keymap, string $application, string $command, FindRequest $request): array
    {
        if (! $request->asksForTitles()) {
            return [$keymap($application), $command, $request];
        }
        $menu = $this->library->application($application)->command($command)->menu;

        return [$keymap(DesktopCatalogue::ID), DesktopCatalogue::command($application, $menu[count($menu) - 1]), $request];
    }

    /** @return array<string, mixed> */
    private function hit(CurrentKeymap $keymap, string $id, FindRequest $request): array
    {
        $application = $keymap->application;
        $command = $application->command($id);
        $shapes = new Shapes($application, $request->seat());

        return [
            'application' => ['id' => $application->id, 'name' => $application->name],
            'command' => $shapes->commandName($id),
            'menu' => $command->menu,
            'tooltip' => $command->tooltip,
            'context' => $shapes->contextName($application->contexts->get($command->home)),
            'is_menu_only' => $command->is(CommandTrait::MenuOnly),
            'is_changed' => in_array($id, $keymap->changedCommands($this->library), true),
            'chords' => array_map(static fn (Binding $one): array => $shapes->chord($one->chord), $keymap->bindings->ofCommand($id)),
        ];
    }
}
