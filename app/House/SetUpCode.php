<?php

declare(strict_types=1);

namespace App\House;

use App\Models\House;
use Illuminate\Console\Command;

final class SetUpCode extends Command
{
    protected $signature = 'house:setup-code';

    protected $description = 'Print a new code for the first visit; nothing where the house has a keeper';

    public function handle(SettingUp $settingUp): int
    {
        $house = House::query()->first();
        if ($house !== null && ! $house->isSetUp()) {
            $this->line($settingUp->newCode($house));
        }

        return self::SUCCESS;
    }
}
