<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Library\Library;
use Illuminate\Http\JsonResponse;
use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Application\Command;
use Zebrafinch\Core\Application\CommandTrait;
use Zebrafinch\Core\Application\Context;
use Zebrafinch\Core\Desktop\DesktopCatalogue;

/** The catalogues. */
final readonly class ApplicationController
{
    public function __construct(private Library $library)
    {
    }

    public function index(): JsonResponse
    {
        return new JsonResponse(['applications' => array_values(array_map($this->brief(...), [...$this->library->applications(), $this->library->application(DesktopCatalogue::ID)]))]);
    }

    public function show(string $application): JsonResponse
    {
        $one = $this->library->application($application);
        $vocabulary = $this->library->vocabulary();

        return new JsonResponse([
            ...$this->brief($one),
            'commands' => array_map(function (Command $command) use ($one, $vocabulary): array {
                $match = $vocabulary->matchFor($one->id, $command->id);

                return [
                    'id' => $command->id, 'name' => $command->name, 'menu' => $command->menu, 'tooltip' => $command->tooltip,
                    'context' => $command->home,
                    'traits' => array_map(static fn (CommandTrait $trait): string => $trait->value, $command->traits),
                    'intent' => $match === null ? null : $vocabulary->intent($match->intent)->name,
                    'difference' => $match?->difference,
                ];
            }, $one->commands()),
        ]);
    }

    /** @return array<string, mixed> */
    private function brief(Application $application): array
    {
        return [
            'id' => $application->id,
            'name' => $application->name,
            'purpose' => $application->purpose,
            'precedence' => $application->precedence->value,
            'loading' => $application->loading->value,
            'is_desktop' => $application->id === DesktopCatalogue::ID,
            'tells_hold' => $application->tellsHold,
            'chords' => $application->chords->value,
            'file_name' => $this->library->dialect($application)->fileName(),
            'command_count' => count($application->commands()),
            'contexts' => array_map(static fn (Context $context): array => [
                'id' => $context->id, 'name' => $context->name, 'parent' => $context->parent,
                'depth' => $application->contexts->depth($context->id), 'text_entry' => $context->textEntry,
            ], $application->contexts->all()),
        ];
    }
}
