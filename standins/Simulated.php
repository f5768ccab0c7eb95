<?php

declare(strict_types=1);

namespace Standins;

/** An application as the rehearsal needs it: it reads its key file, is given a focus and a press, and acts. */
interface Simulated
{
    /**
     * @param  string|null  $bytes  the installed key file; null when there is none
     * @param  string  $system  macos, windows or linux
     * @return array{did: string, command: string|null, context: string|null, because: string}
     */
    public function press(?string $bytes, string $system, string $focus, KeyPress $press, Strip $strip): array;

    /** Does what a command does, and says it. */
    public function run(string $command, Strip $strip): string;
}
