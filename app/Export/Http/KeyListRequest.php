<?php

declare(strict_types=1);

namespace App\Export\Http;

use App\Export\Exported;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Zebrafinch\Core\Export\Grouping;
use Zebrafinch\Core\Export\KeyList;
use Zebrafinch\Core\Export\ListFormat;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Usage\Importance;

final class KeyListRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'application' => ['sometimes', 'string', 'max:60'],
            'by' => ['sometimes', Rule::enum(Grouping::class)],
            'as' => ['sometimes', Rule::enum(ListFormat::class)],
            'most' => ['sometimes', 'integer', 'between:1,500'],
            'unbound' => ['sometimes', 'in:0,1'],
            'read' => ['sometimes', 'in:0,1'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'by' => 'Group by one of: context, menu, key.',
            'as' => 'Write it as one of: text, csv, markdown, page.',
            'most' => 'Name how many of the most used are wanted, from 1 to 500.',
        ];
    }

    /** Null where the answer is data. */
    public function listFormat(): ?ListFormat
    {
        return ListFormat::tryFrom($this->string('as')->toString());
    }

    /** Whether it is read in the browser and not put into a file. */
    public function isRead(): bool
    {
        return $this->boolean('read');
    }

    /**
     * @param  list<Exported>  $all
     * @return list<KeyList>
     */
    public function lists(array $all, Seat $seat, Importance $importance): array
    {
        $grouping = Grouping::tryFrom($this->string('by')->toString()) ?? Grouping::Context;

        return array_map(
            fn (Exported $one): KeyList => KeyList::of(
                $one->at($seat),
                $one->name,
                $grouping,
                $this->boolean('unbound'),
                $this->filled('most') ? $this->mostUsed($one, $importance, $this->integer('most')) : null,
            ),
            $all,
        );
    }

    /** @return list<string> ids of commands that have a chord, the most used first */
    private function mostUsed(Exported $one, Importance $importance, int $most): array
    {
        $weights = [];
        foreach ($one->bindings->all() as $binding) {
            $weights[$binding->command] ??= $importance->ofCommand($one->application->id, $binding->command);
        }
        arsort($weights);

        return array_map(strval(...), array_keys(array_slice($weights, 0, $most)));
    }
}
