<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Clash\Kind;

use Zebrafinch\Core\Application\CommandTrait;
use Zebrafinch\Core\Clash\Clash;
use Zebrafinch\Core\Clash\ClashKind;
use Zebrafinch\Core\Clash\Grade;
use Zebrafinch\Core\Focus\LoadedKeymap;
use Zebrafinch\Core\Keyboard\Gesture;
use Zebrafinch\Core\Keyboard\Press;
use Zebrafinch\Core\Keymap\Binding;

/** A hold where the application takes it for a tap, or on a key whose tap command goes on repeating while it is held. */
final readonly class TapHoldKind implements ClashKind
{
    public function name(): string
    {
        return 'tap-hold';
    }

    public function title(): string
    {
        return 'Tap and hold';
    }

    public function isRivalry(): bool
    {
        return false;
    }

    public function isNote(): bool
    {
        return false;
    }

    public function find(LoadedKeymap $keymap, Press $press, array $bindings): array
    {
        $clashes = [];
        foreach ($bindings as $hold) {
            if ($hold->gesture !== Gesture::Hold) {
                continue;
            }
            if (! $keymap->application->tellsHold) {
                $clashes[] = new Clash(
                    $this,
                    Grade::Fault,
                    [$hold],
                    [$hold],
                    static fn (): string => "{$keymap->application->name} cannot tell a hold from a tap: ".
                        Words::chord($keymap, $hold).
                        ' runs '.
                        Words::command($keymap, $hold).
                        ' and does not let go of it.',
                );

                continue;
            }
            foreach ($bindings as $tap) {
                if (
                    $tap->gesture === Gesture::Tap &&
                    $this->repeats($keymap, $tap) &&
                    $keymap->application->contexts->overlap($tap->context, $hold->context)
                ) {
                    $clashes[] = new Clash(
                        $this,
                        Grade::Fault,
                        [$tap, $hold],
                        [$hold],
                        static fn (): string => 'While '.
                            Words::chord($keymap, $hold).
                            ' is held, '.
                            Words::command($keymap, $tap).
                            ' repeats; '.
                            Words::command($keymap, $hold).
                            ' cannot last as long as the key is down.',
                    );
                }
            }
        }

        return $clashes;
    }

    private function repeats(LoadedKeymap $keymap, Binding $tap): bool
    {
        return $keymap->application->knows($tap->command) && $keymap->application->command($tap->command)->is(CommandTrait::Repeats);
    }
}
