<?php

declare(strict_types=1);

namespace App\Application\Http;

use App\Library\Library;
use App\Resources\JsonAnswer;
use Illuminate\Http\Request;
use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Application\Command;
use Zebrafinch\Core\Application\CommandTrait;
use Zebrafinch\Core\Intent\Vocabulary;

/** One application with all its commands. */
final class CatalogueResource extends JsonAnswer
{
    public function __construct(
        private readonly Application $application,
        private readonly Vocabulary $vocabulary,
        private readonly Library $library,
    ) {
        parent::__construct($application);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            ...ApplicationsResource::brief($this->application, $this->library),
            'commands' => array_map($this->command(...), $this->application->commands()),
        ];
    }

    /** @return array<string, mixed> */
    private function command(Command $command): array
    {
        $match = $this->vocabulary->matchFor($this->application->id, $command->id);

        return [
            'id' => $command->id,
            'name' => $command->name,
            'menu' => $command->menu,
            'tooltip' => $command->tooltip,
            'context' => $command->home,
            'traits' => array_map(static fn (CommandTrait $trait): string => $trait->value, $command->traits),
            'intent' => $match === null ? null : $this->vocabulary->intent($match->intent)->name,
            'difference' => $match?->difference,
        ];
    }
}
