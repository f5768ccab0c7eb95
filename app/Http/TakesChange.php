<?php

declare(strict_types=1);

namespace App\Http;

use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Dialect\Dialect;
use Zebrafinch\Core\Keymap\Change;

/** A request that brings a change of bindings. */
trait TakesChange
{
    /** @return array<string, mixed> */
    private function changeRules(string $presence): array
    {
        $most = 2_000;

        return [
            'title' => ['required_with:change', 'string', 'max:200'],
            'change' => [$presence, 'array:removed,added'],
            'change.removed' => ['present_with:change', 'array', "max:{$most}"],
            'change.added' => ['present_with:change', 'array', "max:{$most}"],
            'change.*.*.chord' => ['required', 'string', 'max:100'],
            'change.*.*.command' => ['required', 'string', 'max:200'],
            'change.*.*.context' => ['required', 'string', 'max:100'],
            'change.*.*.gesture' => ['sometimes', 'in:tap,hold'],
        ];
    }

    /** @return array<string, string> */
    private function changeMessages(): array
    {
        return [
            'title' => 'Say in a few words what the change does.',
            'change' => 'A change lists the bindings it removes and those it adds.',
            'change.*.*.*' => 'Each binding needs a chord, a command and a context.',
        ];
    }

    /**
     * Added bindings must name commands and contexts of the application, and the key file must be able to say them; what is removed
     * only has to be there.
     *
     * @throws \Zebrafinch\Core\Refusal
     */
    public function change(Application $application, Dialect $dialect): Change
    {
        $change = Change::fromData($this->validated('change'));
        foreach ($change->added as $binding) {
            $application->command($binding->command);
            $application->contexts->get($binding->context);
            $dialect->spell($binding);
        }

        return $change;
    }
}
