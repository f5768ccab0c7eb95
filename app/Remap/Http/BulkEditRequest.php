<?php

declare(strict_types=1);

namespace App\Remap\Http;

use Illuminate\Foundation\Http\FormRequest;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Keyboard\Modifier;
use Zebrafinch\Core\Keyboard\Modifiers;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Keymap\Change;
use Zebrafinch\Core\Remap\BulkEdit;

/** One edit of many bindings. */
final class BulkEditRequest extends FormRequest
{
    private const MOST_BINDINGS = 2_000;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'kind' => ['required', 'in:to-layer,to-context,copy-to-context,exchange-layers,exchange-keys,clear-context'],
            'bindings' => ['required_if:kind,to-layer,to-context,copy-to-context', 'array', 'max:'.self::MOST_BINDINGS],
            'bindings.*' => ['string', 'max:300'],
            'layer' => ['required_if:kind,to-layer,exchange-layers', 'nullable', 'string', 'max:60'],
            'other_layer' => ['required_if:kind,exchange-layers', 'nullable', 'string', 'max:60'],
            'context' => ['required_if:kind,to-context,copy-to-context,clear-context,exchange-keys', 'nullable', 'string', 'max:100'],
            'one' => ['required_if:kind,exchange-keys', 'nullable', 'string', 'max:100'],
            'other' => ['required_if:kind,exchange-keys', 'nullable', 'string', 'max:100'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'kind' => 'Choose what shall be done.',
            'bindings' => 'Choose the chords that it shall be done to.',
            'layer' => 'Choose a layer.',
            'other_layer' => 'Choose the other layer.',
            'context' => 'Choose a context.',
            'one' => 'Choose a chord.',
            'other' => 'Choose the other chord.',
        ];
    }

    public function change(LoadedKeymap $keymap): Change
    {
        $edit = new BulkEdit($keymap);
        $chosen = array_fill_keys($this->input('bindings') ?? [], true);
        $bindings = array_values(array_filter($keymap->bindings()->all(), static fn (Binding $one): bool => isset($chosen[$one->id()])));
        $context = $this->filled('context') ? $this->string('context')->toString() : null;

        return match ($this->string('kind')->toString()) {
            'to-layer' => $edit->toLayer($bindings, $this->layer('layer')),
            'to-context' => $edit->toContext($bindings, (string) $context),
            'copy-to-context' => $edit->copiedTo($bindings, (string) $context),
            'exchange-layers' => $edit->exchanged($this->layer('layer'), $this->layer('other_layer'), $context),
            'exchange-keys' => $edit->keysExchanged(
                $keymap->seat->reader()->read($this->string('one')->toString()),
                $keymap->seat->reader()->read($this->string('other')->toString()),
                (string) $context,
            ),
            default => $edit->cleared((string) $context),
        };
    }

    /** As a table names layers: held modifiers joined by plus signs, or `plain` for none. */
    private function layer(string $name): Modifiers
    {
        $held = array_filter(explode('+', $this->string($name)->toString()), static fn (string $one): bool => $one !== 'plain');

        return Modifiers::of(...array_filter(array_map(Modifier::tryFrom(...), $held)));
    }
}
