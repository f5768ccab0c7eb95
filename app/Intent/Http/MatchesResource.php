<?php

declare(strict_types=1);

namespace App\Intent\Http;

use App\Resources\JsonAnswer;
use App\Resources\Shapes;
use Illuminate\Http\Request;
use Zebrafinch\Core\Application\Application;
use Zebrafinch\Core\Application\Command;
use Zebrafinch\Core\Intent\Fit;
use Zebrafinch\Core\Intent\Proposal;
use Zebrafinch\Core\Intent\Vocabulary;

/** Each command of an application with what it is for, and what it may be for. */
final class MatchesResource extends JsonAnswer
{
    /** @var array<string, Proposal> by command */
    private readonly array $proposals;

    /**
     * @param  list<string>  $own  commands of which the person said it themselves
     * @param  iterable<Proposal>  $proposals
     */
    public function __construct(
        private readonly Application $application,
        private readonly Vocabulary $vocabulary,
        private readonly array $own,
        iterable $proposals,
    ) {
        parent::__construct($application);
        $byCommand = [];
        foreach ($proposals as $proposal) {
            $byCommand[$proposal->command->id] = $proposal;
        }
        $this->proposals = $byCommand;
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'application' => Shapes::application($this->application),
            'commands' => array_map($this->command(...), $this->application->commands()),
        ];
    }

    /** @return array<string, mixed> */
    private function command(Command $command): array
    {
        $proposal = $this->proposals[$command->id] ?? null;

        return [
            'id' => $command->id,
            'name' => $command->name,
            'menu' => $command->menu,
            'tooltip' => $command->tooltip,
            'match' => $this->match($command),
            'is_sure' => $proposal?->isSure === true,
            'proposals' => array_map(
                static fn (Fit $fit): array => [
                    'intent' => $fit->intent->id,
                    'name' => $fit->intent->name,
                    'confidence' => round($fit->confidence(), 2),
                    'evidence' => $fit->evidence,
                ],
                $proposal->fits ?? [],
            ),
        ];
    }

    /** @return array<string, mixed>|null */
    private function match(Command $command): ?array
    {
        $match = $this->vocabulary->matchFor($this->application->id, $command->id);

        return $match === null
            ? null
            : [
                'intent' => $match->intent,
                'name' => $this->vocabulary->intent($match->intent)->name,
                'difference' => $match->difference,
                'is_own' => in_array($command->id, $this->own, true),
            ];
    }
}
