<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Focus;

use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Application\Context;
use Zebrafinch\Core\Desktop\DesktopCatalogue;
use Zebrafinch\Core\Keyboard\Gesture;
use Zebrafinch\Core\Keyboard\Press;
use Zebrafinch\Core\Keymap\Binding;

/** What the desktop takes while one application is in front. A title that matches no menu item takes nothing. */
final readonly class TitleBindings
{
    /**
     * @param  array<string, Press>  $presses  by id
     * @param  array<string, Binding>  $taken  by the id of the press; each runs a command of the application, from the context {@see
     *     Context::DESKTOP}
     */
    private function __construct(private array $presses, private array $taken)
    {
    }

    /** @param  LoadedKeymap  $desktop  a keymap of {@see DesktopCatalogue} at the same seat */
    public static function for(Application $application, LoadedKeymap $desktop): self
    {
        $titles = DesktopCatalogue::titlesOf($application);
        $presses = [];
        $taken = [];
        foreach ($desktop->presses() as $id => $press) {
            $claims = $desktop->claims($desktop->onPress($press), Gesture::Tap)[$application->id] ?? [];
            $loaded = $claims === [] ? null : $desktop->loaded($claims);
            $command = $loaded === null ? null : $titles[DesktopCatalogue::title($loaded->command)] ?? null;
            if ($loaded !== null && $command !== null) {
                $presses[$id] = $press;
                $taken[$id] = new Binding($loaded->chord, $command, Context::DESKTOP);
            }
        }

        return new self($presses, $taken);
    }

    /** The binding that takes a press before the application, or null. */
    public function taking(Press $press): ?Binding
    {
        return $this->taken[$press->id] ?? null;
    }

    /** @return array<string, Press> by id */
    public function presses(): array
    {
        return $this->presses;
    }
}
