<?php

declare(strict_types=1);

namespace App\House;

use Illuminate\Console\Command;

final class Doctor extends Command
{
    protected $signature = 'house:doctor';

    protected $description = 'Say what is wrong with this place, and what to do about it';

    public function handle(Examination $examination): int
    {
        $isWell = true;
        foreach ($examination->findings() as ['good' => $good, 'what' => $what, 'remedy' => $remedy]) {
            $this->line(($good ? '  well     ' : '  NOT SO   ').$what);
            if (! $good) {
                $this->line("           What to do: {$remedy}");
                $isWell = false;
            }
        }

        return $isWell ? self::SUCCESS : self::FAILURE;
    }
}
