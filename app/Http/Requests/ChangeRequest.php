<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Keymap\Change;

/** A request that brings a change of bindings. */
class ChangeRequest extends SeatRequest
{
    private const MOST_BINDINGS = 2_000;

    /** @return array<string, mixed> */
    protected function moreRules(): array
    {
        return [
            'title' => ['required_with:change', 'string', 'max:200'],
            'change' => [$this->changeIsRequired() ? 'required' : 'sometimes', 'array:removed,added'],
            'change.removed' => ['present_with:change', 'array', 'max:'.self::MOST_BINDINGS],
            'change.added' => ['present_with:change', 'array', 'max:'.self::MOST_BINDINGS],
            'change.*.*.chord' => ['required', 'string', 'max:100'],
            'change.*.*.command' => ['required', 'string', 'max:200'],
            'change.*.*.context' => ['required', 'string', 'max:100'],
            'change.*.*.gesture' => ['sometimes', 'in:tap,hold'],
            ...$this->rulesBesideTheChange(),
        ];
    }

    /** @return array<string, mixed> */
    protected function rulesBesideTheChange(): array
    {
        return ['version' => ['required', 'integer'], 'on_top' => ['sometimes', 'boolean']];
    }

    protected function changeIsRequired(): bool
    {
        return true;
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return parent::messages() + [
            'title' => 'Say in a few words what the change does.',
            'change' => 'A change lists the bindings it removes and those it adds.',
            'change.*.*.*' => 'Each binding needs a chord, a command and a context.',
            'version' => 'Name the version of the keymap that the change was made on.',
        ];
    }

    /**
     * Added bindings must name commands and contexts of the application; what is removed only has to be there.
     *
     * @throws \Zebrafinch\Core\Refusal
     */
    public function change(Application $application): Change
    {
        $change = Change::fromData($this->validated('change'));
        foreach ($change->added as $binding) {
            $this->requireKnown($application, $binding);
        }

        return $change;
    }

    private function requireKnown(Application $application, Binding $binding): void
    {
        $application->command($binding->command);
        $application->contexts->get($binding->context);
        // The key file must be able to say it.
        $this->library()->dialect($application)->spell($binding);
    }
}
