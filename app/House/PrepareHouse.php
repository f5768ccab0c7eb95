<?php

declare(strict_types=1);

namespace App\House;

use Database\Seeders\DemoWorld;
use Illuminate\Console\Command;

/** Says once what this place is; only a demo that is new is filled. */
final class PrepareHouse extends Command
{
    protected $signature = 'house:prepare {--demo : a demo, with its invented people and suites}';

    protected $description = 'Prepare the database for a house or for the demo';

    public function handle(SettingUp $settingUp): int
    {
        $house = $settingUp->prepare((bool) $this->option('demo'));
        if ($house->wasRecentlyCreated && $house->is_demo) {
            $this->call('db:seed', ['--force' => true, '--class' => DemoWorld::class]);
        }

        return self::SUCCESS;
    }
}
