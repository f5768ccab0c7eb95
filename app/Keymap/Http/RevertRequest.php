<?php

declare(strict_types=1);

namespace App\Keymap\Http;

use Illuminate\Foundation\Http\FormRequest;
use Zebrafinch\Core\Application\Application;

/** Where to go back to, and with how much of the keymap. */
final class RevertRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'to' => ['required', 'in:saved,factory'],
            'version' => ['required', 'integer'],
            'despite_clashes' => ['sometimes', 'boolean'],
            'context' => ['sometimes', 'nullable', 'string', 'max:100'],
            'command' => ['sometimes', 'nullable', 'string', 'max:200'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['to' => 'Go back to the last save or to the factory keymap.', 'version' => 'Name the version of the keymap that is shown.'];
    }

    public function optional(string $name): ?string
    {
        return $this->filled($name) ? $this->string($name)->toString() : null;
    }

    public function title(Application $application): string
    {
        $command = $this->optional('command');
        $context = $this->optional('context');
        $what = array_filter([
            $command === null ? null : $application->commandName($command),
            $context === null ? null : $application->contexts->get($context)->name,
        ]);
        $to = $this->string('to')->toString() === 'saved' ? 'the last save' : 'the factory keymap';

        return ($what === [] ? 'Back' : implode(' in ', $what).' back')." to {$to}";
    }
}
