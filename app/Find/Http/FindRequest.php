<?php

declare(strict_types=1);

namespace App\Find\Http;

use App\Keymap\CurrentKeymap;
use App\Library\Library;
use Closure;
use Illuminate\Foundation\Http\FormRequest;
use Zebrafinch\Core\Application\CommandTrait;
use Zebrafinch\Core\Application\ContextTree;
use Zebrafinch\Core\Desktop\DesktopCatalogue;

final class FindRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'words' => ['present', 'nullable', 'string', 'max:200'],
            'application' => ['sometimes', 'string', 'max:60'],
            'context' => ['sometimes', 'string', 'max:100'],
            'only' => ['sometimes', 'in:bound,unbound,changed,unchanged,unsaved,menu-only'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'words' => 'Write up to 200 characters.',
            'only' => 'Narrow to one of: bound, unbound, changed, unchanged, unsaved, menu-only.',
        ];
    }

    private function worksIn(ContextTree $contexts, string $home): bool
    {
        $focus = $this->string('context')->toString();

        return $contexts->has($focus) && $contexts->isActive($home, $focus);
    }

    /** Whether menu titles are looked for, to be bound through the desktop. */
    public function asksForTitles(): bool
    {
        return $this->string('application')->toString() === DesktopCatalogue::ID;
    }

    public function narrows(): bool
    {
        return $this->hasAny(['application', 'context', 'only']);
    }

    /**
     * @param  array{application: string, command: string, intent: string|null}  $entry
     * @param  Closure(string): CurrentKeymap  $keymapOf  an application
     */
    public function wants(array $entry, Closure $keymapOf, Library $library): bool
    {
        if ($this->asksForTitles()) {
            return $library->application($entry['application'])->command($entry['command'])->menu !== [];
        }
        if ($this->filled('application') && $entry['application'] !== $this->string('application')->toString()) {
            return false;
        }
        $keymap = $keymapOf($entry['application']);
        $command = $keymap->application->command($entry['command']);
        if ($this->filled('context') && ! $this->worksIn($keymap->application->contexts, $command->home)) {
            return false;
        }

        return match ($this->string('only')->toString()) {
            'bound' => $keymap->bindings->ofCommand($command->id) !== [],
            'unbound' => $keymap->bindings->ofCommand($command->id) === [],
            'changed' => in_array($command->id, $keymap->changedCommands($library), true),
            'unchanged' => ! in_array($command->id, $keymap->changedCommands($library), true),
            'unsaved' => in_array($command->id, $keymap->unsavedCommands(), true),
            'menu-only' => $command->is(CommandTrait::MenuOnly),
            default => true,
        };
    }
}
