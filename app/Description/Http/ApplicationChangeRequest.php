<?php

declare(strict_types=1);

namespace App\Description\Http;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Zebrafinch\Core\Application\CommandTrait;
use Zebrafinch\Core\Application\LoadingRule;
use Zebrafinch\Core\Application\Precedence;

final class ApplicationChangeRequest extends FormRequest
{
    private const SLUG = 'regex:/^[a-z0-9]+(-[a-z0-9]+)*$/';

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer', 'min:1', 'max:2000000000'],
            'name' => ['sometimes', 'string', 'max:80'],
            'purpose' => ['sometimes', 'string', 'max:120'],
            'file_name' => ['sometimes', 'string', 'max:120', 'regex:/^[^\/\\\\\x00-\x1f]+$/'],
            'systems' => ['sometimes', 'array', 'max:3'],
            'systems.*' => ['in:macos,windows,linux'],
            'precedence' => ['sometimes', Rule::enum(Precedence::class)],
            'loading' => ['sometimes', Rule::enum(LoadingRule::class)],
            'corrections' => ['sometimes', 'array', 'max:200'],
            'corrections.*.says' => ['required', 'in:command,chord,held,key,context,gesture,title,head,word'],
            'corrections.*.line' => ['sometimes', 'integer', 'min:1', 'max:500000'],
            'corrections.*.from' => ['sometimes', 'integer', 'min:0', 'max:100000'],
            'corrections.*.to' => ['sometimes', 'integer', 'min:0', 'max:100000'],
            'corrections.*.word' => ['sometimes', 'string', 'max:60'],
            'corrections.*.means' => ['sometimes', 'string', 'max:30'],
            'contexts' => ['sometimes', 'array', 'min:1', 'max:500'],
            'contexts.*' => ['array:id,name,parent,text_entry,coexists_with,written'],
            'contexts.*.id' => ['required', 'string', 'max:100', self::SLUG],
            'contexts.*.name' => ['required', 'string', 'max:100'],
            'contexts.*.parent' => ['sometimes', 'string', 'max:100', self::SLUG],
            'contexts.*.text_entry' => ['sometimes', 'boolean'],
            'contexts.*.coexists_with' => ['sometimes', 'array'],
            'contexts.*.written' => ['sometimes', 'array'],
            'contexts.*.written.*' => ['string', 'max:200'],
            'commands' => ['sometimes', 'array', 'max:500'],
            'commands.*.do' => ['required', 'in:change,remove,merge,add,copy'],
            'commands.*.id' => ['sometimes', 'string', 'max:100'],
            'commands.*.into' => ['sometimes', 'string', 'max:100'],
            'commands.*.name' => ['sometimes', 'string', 'max:200'],
            'commands.*.tooltip' => ['sometimes', 'string', 'max:500'],
            'commands.*.context' => ['sometimes', 'string', 'max:100'],
            'commands.*.menu' => ['sometimes', 'array', 'max:8'],
            'commands.*.menu.*' => ['string', 'max:120'],
            'commands.*.traits' => ['sometimes', 'array'],
            'commands.*.traits.*' => [Rule::enum(CommandTrait::class)],
            'commands.*.text' => ['sometimes', 'string', 'max:2000000'],
            'commands.*.columns' => ['sometimes', 'array', 'max:60'],
            'commands.*.columns.*' => ['nullable', 'in:name,word,menu,tooltip,context'],
            'commands.*.has_header' => ['sometimes', 'boolean'],
            'commands.*.application' => ['sometimes', 'string', 'max:100'],
            'matches' => ['sometimes', 'array', 'max:10000'],
            'matches.*' => ['array:command,intent,difference'],
            'matches.*.command' => ['required', 'string', 'max:100'],
            'matches.*.intent' => ['required', 'string', 'max:100'],
            'matches.*.difference' => ['sometimes', 'string', 'max:500'],
            'usage_log' => ['sometimes', 'nullable', 'array:day,command,key,mouse,hand'],
            ...LogColumnRules::ALL,
            'dialect' => ['sometimes', 'array'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['version' => 'Say which version of the application this changes.'];
    }

    public function version(): int
    {
        return $this->integer('version');
    }

    /** @return array<string, mixed> */
    public function change(): array
    {
        $change = array_diff_key((array) $this->validated(), ['version' => true]);

        // Rules name what is known of a description; its form is checked where it is read.
        return $this->has('dialect') ? ['dialect' => (array) $this->input('dialect')] + $change : $change;
    }
}
