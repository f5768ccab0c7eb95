<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Zebrafinch\Core\Application\Application;

/** Where to go back to, and with how much of the keymap. */
final class ReturnRequest extends SeatRequest
{
    /** @return array<string, mixed> */
    protected function moreRules(): array
    {
        return [
            'to' => ['required', 'in:saved,factory'], 'version' => ['required', 'integer'],
            'context' => ['sometimes', 'nullable', 'string', 'max:100'], 'command' => ['sometimes', 'nullable', 'string', 'max:200'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return parent::messages() + ['to' => 'Go back to the last save or to the factory keymap.', 'version' => 'Name the version of the keymap that is shown.'];
    }

    public function optional(string $name): ?string
    {
        return $this->filled($name) ? $this->string($name)->toString() : null;
    }

    public function title(Application $application): string
    {
        $what = array_filter([
            $this->optional('command') === null ? null : $application->commandName((string) $this->optional('command')),
            $this->optional('context') === null ? null : $application->contexts->get((string) $this->optional('context'))->name,
        ]);
        $to = $this->string('to')->toString() === 'saved' ? 'the last save' : 'the factory keymap';

        return ($what === [] ? 'Back' : implode(' in ', $what).' back')." to {$to}";
    }
}
