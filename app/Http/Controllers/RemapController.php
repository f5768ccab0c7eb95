<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\RemapRequest;
use App\Http\Shapes\Shapes;
use App\Keymaps\KitReader;
use Illuminate\Http\JsonResponse;
use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Application\Command;
use Zebrafinch\Core\Application\CommandTrait;
use Zebrafinch\Core\Clash\Docket;
use Zebrafinch\Core\Desktop\DesktopCatalogue;
use Zebrafinch\Core\Focus\Who;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Keymap\LoadedKeymap;
use Zebrafinch\Core\Reach\ReachJudge;
use Zebrafinch\Core\Remap\Choice;
use Zebrafinch\Core\Remap\Remap;

/** Previews of changes; nothing here writes. */
final readonly class RemapController
{
    private const FREE_CHORDS = 8;

    public function __construct(private KitReader $kit, private Docket $docket)
    {
    }

    /** A command, its chords, the best free ones, and, when a chord is named, the ways to get it. */
    public function show(RemapRequest $request): JsonResponse
    {
        $application = $request->application();
        $keymap = $this->kit->of($request->person(), $application)->at($request->seat());
        $command = $application->command($request->string('command')->toString());
        $context = $request->string('context', $command->home)->toString();
        $application->contexts->get($context);
        $shapes = new Shapes($application, $request->seat());
        $remap = new Remap($keymap, $this->docket);
        $own = $keymap->bindings()->ofCommand($command->id);

        return new JsonResponse([
            'command' => [...$shapes->commandName($command->id), 'menu' => $command->menu, 'tooltip' => $command->tooltip, 'home' => $command->home, 'is_menu_only' => $command->is(CommandTrait::MenuOnly), 'desktop' => $this->desktopCommand($application, $command)],
            'context' => $shapes->contextName($application->contexts->get($context)),
            'bindings' => array_map(fn (Binding $one): array => [...$shapes->binding($one), 'removal' => $this->choice($shapes, $remap->removal($one), $one, $keymap)], $own),
            'free' => array_map($shapes->freeChord(...), $this->kit->freeChords($request->person(), $application, $request->seat(), $request->rooms())->for($keymap, $command->id, $context, self::FREE_CHORDS)),
            'wanted' => $request->filled('chord') ? $this->wanted($shapes, $remap, new Binding($request->chord($application), $command->id, $context, $request->gesture()), $keymap, $request) : null,
        ]);
    }

    /** The command of the desktop that chooses the menu title of this one; null where it has none, or is one itself. */
    private function desktopCommand(Application $application, Command $command): ?string
    {
        $title = $application->id === DesktopCatalogue::ID ? false : array_search($command->id, DesktopCatalogue::titlesOf($application), true);

        return $title === false ? null : DesktopCatalogue::command($application->id, (string) $title);
    }

    /** @return array<string, mixed> */
    private function wanted(Shapes $shapes, Remap $remap, Binding $wanted, LoadedKeymap $keymap, RemapRequest $request): array
    {
        return [
            'chord' => $shapes->chord($wanted->chord),
            'gesture' => $wanted->gesture->value,
            'reach' => Shapes::reach($keymap->seat->printer(), (new ReachJudge($keymap->seat, $request->library()->reserved()))->of($wanted->chord)),
            'is_already_so' => $remap->isAlreadySo($wanted),
            'holders' => array_map($shapes->binding(...), $remap->holders($wanted)),
            'neighbours' => [...array_map($shapes->binding(...), $remap->neighbours($wanted)), ...$this->takenFrom($wanted, $keymap, $request)],
            'ladder' => $shapes->ladder((new Who($keymap))->gets($wanted->chord, $wanted->gesture, $wanted->context)),
            'choices' => array_map(fn (Choice $choice): array => $this->choice($shapes, $choice, $wanted, $keymap), $remap->choices($wanted)),
        ];
    }

    /** @return list<array<string, mixed>> what the application in front would lose to the desktop */
    private function takenFrom(Binding $wanted, LoadedKeymap $keymap, RemapRequest $request): array
    {
        if ($keymap->application->id !== DesktopCatalogue::ID || ! in_array($wanted->context, $request->library()->applicationIds(), true)) {
            return [];
        }
        $inFront = $this->kit->of($request->person(), $request->library()->application($wanted->context))->at($keymap->seat);

        return array_map((new Shapes($inFront->application, $keymap->seat))->binding(...), $inFront->onPress($keymap->seat->pressIds($wanted->chord)[0]));
    }

    /** @return array<string, mixed> */
    private function choice(Shapes $shapes, Choice $choice, Binding $about, LoadedKeymap $keymap): array
    {
        return $shapes->choice($choice, (new Who($keymap->after($choice->change)))->gets($about->chord, $about->gesture, $about->context));
    }
}
