<?php

declare(strict_types=1);

namespace App\Description\Http;

use App\Description\HouseApplication;
use App\Resources\JsonAnswer;
use Illuminate\Http\Request;
use Zebrafinch\Core\Application\Command;
use Zebrafinch\Core\Dialect\Propose\NewerVersion;
use Zebrafinch\Core\Keymap\Binding;

/** What a newer key file changes, and what that does to each keymap. */
final class NewerVersionResource extends JsonAnswer
{
    /**
     * @param  list<array<string, mixed>>  $keymaps
     * @param  list<string>  $suites
     */
    public function __construct(
        private readonly NewerVersion $version,
        private readonly HouseApplication $row,
        private readonly array $keymaps,
        private readonly array $suites,
    ) {
        parent::__construct($version);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $names = array_column((array) $this->row->catalogue['commands'], 'name', 'id');
        $binding = static fn (Binding $one): array => $one->toData() + ['name' => $names[$one->command] ?? $one->command];

        return [
            'stayed' => $this->version->stayed,
            'gone' => array_map(static fn (Command $one): array => ['id' => $one->id, 'name' => $one->name], $this->version->gone),
            'new' => $this->version->new,
            'renamed' => array_map(
                static fn (string $id, string $word): array => ['id' => $id, 'name' => $names[$id] ?? $id, 'word' => $word],
                array_map(strval(...), array_keys($this->version->renamed)),
                array_values($this->version->renamed),
            ),
            'chords_removed' => array_map($binding, $this->version->removed),
            'chords_added' => array_map($binding, $this->version->added),
            'keymaps' => $this->keymaps,
            'suites' => $this->suites,
        ];
    }
}
