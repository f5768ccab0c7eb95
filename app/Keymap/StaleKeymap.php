<?php

declare(strict_types=1);

namespace App\Keymap;

use App\Models\Edit;
use App\Models\Keymap;
use App\Problems\HasExtension;
use App\Problems\HasStatus;
use App\Resources\Shapes;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Refusal;

/** The keymap has changed since the page that wants to write it was loaded. */
final class StaleKeymap extends Refusal implements HasExtension, HasStatus
{
    private int $version = 0;

    /** @var list<string> */
    private array $since = [];

    /** @var list<Binding> */
    private array $conflicts = [];

    /** @var array<string, mixed>|null */
    private ?array $consequences = null;

    /**
     * @param  list<Binding>  $conflicts  bindings of the refused change that stand against the keymap as it is now
     * @param  array<string, mixed>|null  $consequences  what would come of the change now, as {@see Shapes::consequences()} has it; null
     *     where that was not looked at
     */
    public static function at(Keymap $keymap, int $version, array $conflicts, ?array $consequences = null): self
    {
        $error = new self(
            "The keymap \"{$keymap->name}\" was changed in the meantime, in another window or by an undo.",
            $conflicts === []
                ? 'Make your change on top of it, or look at it first.'
                : 'What you wanted to change is no longer there. Load the keymap again and choose once more.',
        );
        $error->version = $keymap->version;
        $error->since = array_values(
            $keymap->edits()->where('version', '>', $version)->get()->map(static fn (Edit $edit): string => $edit->title)->all(),
        );
        $error->conflicts = $conflicts;
        $error->consequences = $consequences;

        return $error;
    }

    public function kind(): string
    {
        return 'stale-keymap';
    }

    public function status(): int
    {
        return 409;
    }

    /**
     * @return array{
     *     merge: array{
     *         version: int,
     *         since: list<string>,
     *         possible: bool,
     *         conflicts: list<array{chord: string, command: string, context: string, gesture: string}>,
     *         consequences: array<string, mixed>|null,
     *     },
     * }
     */
    public function extension(): array
    {
        return [
            'merge' => [
                'version' => $this->version,
                'since' => $this->since,
                'possible' => $this->conflicts === [],
                'conflicts' => array_map(static fn (Binding $one): array => $one->toData(), $this->conflicts),
                'consequences' => $this->consequences,
            ],
        ];
    }
}
