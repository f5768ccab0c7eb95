<?php

declare(strict_types=1);

namespace App\Http\Resources\Usage;

use App\Keymap\CurrentKeymap;
use App\Models\StoredUsage;
use App\Resources\JsonAnswer;
use App\Resources\Shapes;
use Closure;
use Illuminate\Http\Request;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Usage\Uses;

/** A person's usage log, command by command, with the chords that each has. */
final class UsageResource extends JsonAnswer
{
    /**
     * @param  Closure(string): CurrentKeymap  $keymapOf  an application
     * @param  list<string>  $applications  those that are known; what a log says of others is not told
     */
    public function __construct(
        private readonly ?StoredUsage $usage,
        private readonly Closure $keymapOf,
        private readonly array $applications,
        private readonly Seat $seat,
    ) {
        parent::__construct($usage);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $known = array_filter(
            $this->usage?->log()->all() ?? [],
            fn (Uses $uses): bool => in_array($uses->application, $this->applications, true),
        );

        return [
            'name' => $this->usage?->name,
            'days' => $this->usage->days ?? 0,
            'uses' => array_map($this->uses(...), array_values($known)),
        ];
    }

    /** @return array<string, mixed> */
    private function uses(Uses $uses): array
    {
        $current = ($this->keymapOf)($uses->application);
        $shapes = new Shapes($current->application, $this->seat);

        return [
            'application' => Shapes::application($current->application),
            'command' => $shapes->commandName($uses->command),
            'by_key' => $uses->byKey,
            'by_mouse' => $uses->byMouse,
            'chords' => array_map(
                static fn (Binding $binding): array => $shapes->chord($binding->chord),
                $current->bindings->ofCommand($uses->command),
            ),
        ];
    }
}
