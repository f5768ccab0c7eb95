<?php

declare(strict_types=1);

namespace App\Preset\Http;

use App\Models\Keymap;
use App\Resources\JsonAnswer;
use Illuminate\Http\Request;

/** The keymaps that a release was opened as. */
final class OpenedKitResource extends JsonAnswer
{
    /** @param  list<Keymap>  $keymaps */
    public function __construct(private readonly array $keymaps)
    {
        parent::__construct($keymaps);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'keymaps' => array_map(
                static fn (Keymap $one): array => ['id' => $one->id, 'application' => $one->application, 'name' => $one->name],
                $this->keymaps,
            ),
        ];
    }
}
