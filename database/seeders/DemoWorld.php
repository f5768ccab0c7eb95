<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\Role;
use App\Models\Suite;
use App\Models\User;
use Illuminate\Database\Seeder;
use Zebrafinch\Core\Keyboard\System;

/** Saltmarsh Post: accounts named by role, and the rooms whose workstations are simulated. */
final class DemoWorld extends Seeder
{
    public const PASSWORD = 'night-train';

    /** Tokens of the workstation stand-ins; they only ever open the demo on loopback. */
    public const TOKENS = ['avocet' => 'demo-token-of-avocet', 'dunlin' => 'demo-token-of-dunlin'];

    private const ACCOUNTS = [
        ['picture editor', 'picture@saltmarsh.example', Role::Editor],
        ['sound editor', 'sound@saltmarsh.example', Role::Editor],
        ['motion designer', 'motion@saltmarsh.example', Role::Editor],
        ['suite keeper', 'keeper@saltmarsh.example', Role::SuiteKeeper],
        ['assistant', 'assistant@saltmarsh.example', Role::Assistant],
    ];

    public function run(): void
    {
        foreach (self::ACCOUNTS as [$name, $email, $role]) {
            $user = User::query()->firstOrCreate(['email' => $email], ['name' => $name, 'role' => $role, 'password' => self::PASSWORD]);
            $user->kit()->firstOrCreate([], ['name' => 'Kit of the '.$name]);
        }
        $this->suite('avocet', 'Avocet', 'Full size, ANSI', 'US English', System::MacOs, ['cutloom', 'faderloft']);
        $this->suite('dunlin', 'Dunlin', 'Full size, ISO', 'Swedish', System::Linux, ['cutloom', 'faderloft']);
    }

    /** @param  list<string>  $applications */
    private function suite(string $slug, string $name, string $board, string $layout, System $system, array $applications): void
    {
        Suite::query()->firstOrCreate(['slug' => $slug], [
            'name' => $name, 'board' => $board, 'layout' => $layout, 'system' => $system, 'applications' => $applications,
            'token_hash' => Suite::hashToken(self::TOKENS[$slug]), 'copies' => [],
        ]);
    }
}
