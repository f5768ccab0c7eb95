<?php

declare(strict_types=1);

namespace App\Usage\Http;

use App\Keymap\CurrentKeymap;
use App\Library\Library;
use App\Resources\JsonAnswer;
use App\Resources\Shapes;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Collection;
use stdClass;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Usage\UsageLog;
use Zebrafinch\Core\Usage\Uses;

/** A person's usage, command by command with the chords that each has; where it comes from; and what in it nobody knows. */
final class UsageResource extends JsonAnswer
{
    /**
     * @param  Collection<int, stdClass>  $sources  as App\Usage\UsageLogs gives them
     * @param  Closure(string): CurrentKeymap  $keymapOf  an application
     */
    public function __construct(
        private readonly UsageLog $log,
        private readonly Collection $sources,
        private readonly Closure $keymapOf,
        private readonly Library $library,
        private readonly Seat $seat,
    ) {
        parent::__construct($log);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $known = $unknown = [];
        foreach ($this->log->all() as $uses) {
            $isKnown = in_array($uses->application, $this->library->applicationIds(), true);
            if ($isKnown && $this->library->application($uses->application)->knows($uses->command)) {
                $known[] = $uses;
            } else {
                $unknown[] = [
                    'application' => [
                        'id' => $uses->application,
                        'name' => $isKnown ? $this->library->nameOf($uses->application) : $uses->application,
                    ],
                    'is_application_known' => $isKnown,
                    'command' => $uses->command,
                    'uses' => $uses->all(),
                ];
            }
        }

        return [
            'days' => $this->log->days,
            'sources' => $this->sources
                ->map(
                    static fn (stdClass $one): array => [
                        'id' => (int) $one->id,
                        'name' => (string) $one->name,
                        'is_sitting' => $one->sitting_id !== null,
                        'first' => $one->first,
                        'last' => $one->last,
                        'uses' => (int) $one->uses,
                    ],
                )
                ->all(),
            'uses' => array_map($this->uses(...), $known),
            'unknown' => $unknown,
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
