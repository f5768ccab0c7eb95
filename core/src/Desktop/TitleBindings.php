<?php

declare(strict_types=1);

namespace Zebrafinch\Core\Desktop;

use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Application\Context;
use Zebrafinch\Core\Keymap\Binding;
use Zebrafinch\Core\Keymap\Gesture;
use Zebrafinch\Core\Keymap\LoadedKeymap;

/** What the desktop takes while one application is in front. A title that matches no menu item takes nothing. */
final readonly class TitleBindings
{
    /** @param  array<string, Binding>  $taken  by press; each runs a command of the application, from the context {@see Context::DESKTOP} */
    private function __construct(private array $taken)
    {
    }

    /** @param  LoadedKeymap  $desktop  a keymap of {@see DesktopCatalogue} at the same seat */
    public static function for(Application $application, LoadedKeymap $desktop): self
    {
        $titles = DesktopCatalogue::titlesOf($application);
        $taken = [];
        foreach ($desktop->presses() as $press => $bindings) {
            $claims = $desktop->claims($bindings, Gesture::Tap)[$application->id] ?? [];
            $kept = $claims === [] ? null : $desktop->kept($claims);
            $command = $kept === null ? null : $titles[DesktopCatalogue::title($kept->command)] ?? null;
            if ($kept !== null && $command !== null) {
                $taken[$press] = new Binding($kept->chord, $command, Context::DESKTOP);
            }
        }

        return new self($taken);
    }

    /** The binding that takes a press before the application, or null. */
    public function taking(string $press): ?Binding
    {
        return $this->taken[$press] ?? null;
    }

    /** @return list<string> */
    public function presses(): array
    {
        return array_keys($this->taken);
    }
}
