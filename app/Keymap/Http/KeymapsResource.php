<?php

declare(strict_types=1);

namespace App\Keymap\Http;

use App\Models\Keymap;
use App\Models\Kit;
use App\Resources\JsonAnswer;
use Illuminate\Http\Request;
use Zebrafinch\Core\Keymap\Comparison;

/** All keymaps of a kit, and those that can be restored. */
final class KeymapsResource extends JsonAnswer
{
    private const MOST_DELETED = 20;

    public function __construct(private readonly Kit $kit)
    {
        parent::__construct($kit);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $deleted = Keymap::onlyTrashed()->where('kit_id', $this->kit->id)->orderByDesc('deleted_at')->limit(self::MOST_DELETED)->get();

        return [
            'kit' => $this->kit->name,
            'keymaps' => $this->kit
                ->keymaps()
                ->with('parent')
                ->orderBy('application')
                ->orderBy('name')
                ->get()
                ->map(self::brief(...))
                ->all(),
            'deleted' => $deleted
                ->map(
                    static fn (Keymap $keymap): array => [
                        'id' => $keymap->id,
                        'application' => $keymap->application,
                        'name' => $keymap->name,
                        'until' => $keymap->deleted_at?->addDays(Keymap::DAYS_TO_RESTORE)->toIso8601String(),
                    ],
                )
                ->all(),
        ];
    }

    /** @return array<string, mixed> */
    private static function brief(Keymap $keymap): array
    {
        return [
            'id' => $keymap->id,
            'application' => $keymap->application,
            'name' => $keymap->name,
            'in_use' => $keymap->in_use,
            'bindings' => count($keymap->bindings),
            'follows' => $keymap->parent?->name,
            'updated_at' => $keymap->updated_at->toIso8601String(),
            'tags' => $keymap->tags,
            'version' => $keymap->version,
            'unsaved' => count(Comparison::between($keymap->saved_bindings, $keymap->bindings)->differences),
        ];
    }
}
