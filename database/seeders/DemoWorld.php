<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\House\SettingUp;
use App\Models\Suite;
use App\Models\User;
use App\Usage\UsageLogs;
use Illuminate\Database\Seeder;
use Zebrafinch\Core\Keyboard\System;
use Zebrafinch\Core\Suite\Role;

/** Saltmarsh Post: accounts named by role, and the rooms whose workstations are simulated. */
final class DemoWorld extends Seeder
{
    public const PASSWORD = 'night-train';

    /** Tokens of the workstation stand-ins; they only ever open the demo on loopback. */
    public const TOKENS = [
        'avocet' => 'demo-token-of-avocet',
        'bittern' => 'demo-token-of-bittern',
        'curlew' => 'demo-token-of-curlew',
        'dunlin' => 'demo-token-of-dunlin',
        'road-case' => 'demo-token-of-road-case',
    ];

    private const ACCOUNTS = [
        ['picture editor', 'picture@saltmarsh.example', Role::Editor],
        ['sound editor', 'sound@saltmarsh.example', Role::Editor],
        ['motion designer', 'motion@saltmarsh.example', Role::Editor],
        ['suite keeper', 'keeper@saltmarsh.example', Role::SuiteKeeper],
        ['assistant', 'assistant@saltmarsh.example', Role::Assistant],
    ];

    public function run(): void
    {
        app(SettingUp::class)->prepare(true);
        foreach (self::ACCOUNTS as [$name, $email, $role]) {
            if (User::query()->where('email', $email)->doesntExist()) {
                $user = User::register(['email' => $email, 'name' => $name, 'role' => $role, 'password' => self::PASSWORD]);
                $user->kit->update(['name' => 'Kit of the '.$name]);
                $this->usage($user, strtok($email, '@'));
            }
        }
        $this->suite('avocet', 'Avocet', 'full-ansi', 'us', System::MacOs, ['cutloom', 'faderloft', 'easeframe']);
        $this->suite('bittern', 'Bittern', 'full-iso', 'german', System::Windows, ['cutloom', 'gradewell', 'rotomere']);
        $this->suite('curlew', 'Curlew', 'compact-iso', 'british', System::MacOs, ['easeframe', 'boardwick', 'cutloom']);
        $this->suite('dunlin', 'Dunlin', 'full-iso', 'swedish', System::Linux, ['faderloft', 'cutloom']);
        $this->suite('road-case', 'Road case', 'laptop-iso', 'french', System::MacOs, ['cutloom', 'easeframe', 'boardwick']);
    }

    /** Four working weeks, where a log of the account is there. */
    private function usage(User $user, string $account): void
    {
        $path = base_path("demo/usage/{$account}.csv");
        if (is_file($path)) {
            app(UsageLogs::class)->bring($user, "{$account}.csv", (string) file_get_contents($path));
        }
    }

    /** @param  list<string>  $applications */
    private function suite(string $slug, string $name, string $board, string $layout, System $system, array $applications): void
    {
        Suite::query()->firstOrCreate(
            ['slug' => $slug],
            [
                'name' => $name,
                'board' => $board,
                'layout' => $layout,
                'system' => $system,
                'applications' => $applications,
                'token_hash' => Suite::hashToken(self::TOKENS[$slug]),
            ],
        );
    }
}
