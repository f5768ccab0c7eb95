<?php

declare(strict_types=1);

namespace App\Keymap;

use App\Library\Library;
use App\Models\Keymap;
use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Focus\TitleBindings;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Keymap\Bindings;
use Zebrafinch\Core\Keymap\Change;
use Zebrafinch\Core\Keymap\CommandDifference;
use Zebrafinch\Core\Keymap\Comparison;

/** What somebody works with in one application: a keymap of their own, or the protected factory one. */
final class CurrentKeymap
{
    /** @var list<string>|null */
    private ?array $changed = null;

    /**
     * @param  Keymap|null  $own null for the factory keymap
     * @param  CurrentKeymap|null  $desktop  what somebody has bound through the desktop; null for nothing, and for the desktop's keymap
     *     itself
     */
    public function __construct(
        public readonly Application $application,
        public readonly Bindings $bindings,
        public readonly ?Keymap $own,
        private readonly ?CurrentKeymap $desktop = null,
    ) {
    }

    public function name(): string
    {
        return $this->own->name ?? 'Factory';
    }

    public function at(Seat $seat): LoadedKeymap
    {
        $desktop = $this->desktop === null ? null : TitleBindings::for($this->application, $this->desktop->at($seat));

        return new LoadedKeymap($this->application, $this->bindings, $seat, $desktop);
    }

    /** @return list<string> ids of the commands whose bindings are not as they were at the last save */
    public function unsavedCommands(): array
    {
        $differences = $this->own === null ? [] : Comparison::between($this->own->saved_bindings, $this->bindings)->differences;

        return array_values(array_unique(array_map(static fn (CommandDifference $one): string => $one->command, $differences)));
    }

    /** @return list<string> ids of the commands whose bindings are not the factory's */
    public function changedCommands(Library $library): array
    {
        if ($this->changed === null) {
            $change =
                $this->own === null ? Change::none() : Change::between($library->factoryBindings($this->application), $this->bindings);
            $this->changed = array_values(
                array_unique(array_map(static fn (Binding $one): string => $one->command, [...$change->removed, ...$change->added])),
            );
        }

        return $this->changed;
    }
}
