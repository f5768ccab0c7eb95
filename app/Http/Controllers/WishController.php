<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\MatchesRequest;
use App\Http\Requests\OwnIntentRequest;
use App\Http\Requests\SeatRequest;
use App\Models\OwnIntent;
use App\Models\OwnMatch;
use App\Wishes\PersonalWords;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;
use Zebrafinch\Core\Application\Command;
use Zebrafinch\Core\Intent\Fit;
use Zebrafinch\Core\Intent\Intent;
use Zebrafinch\Core\Intent\IntentTrait;
use Zebrafinch\Core\Intent\Proposal;

/** What people want done and which commands do it: the shipped intents and matches, and what people add. */
final readonly class WishController
{
    public function __construct(private PersonalWords $words)
    {
    }

    public function index(SeatRequest $request): JsonResponse
    {
        $own = $request->person()->kit->ownIntents()->get()->keyBy(static fn (OwnIntent $one): string => $one->wordId());

        return new JsonResponse(['intents' => array_map(static fn (Intent $one): array => [
            'id' => $one->id, 'name' => $one->name, 'group' => $one->group, 'synonyms' => $one->synonyms, 'frequency' => $one->frequency->value,
            'traits' => array_map(static fn (IntentTrait $trait): string => $trait->value, $one->traits), 'own' => $own->get($one->id)?->id,
        ], $this->words->vocabulary($request->person())->intents())]);
    }

    public function store(OwnIntentRequest $request): JsonResponse
    {
        DB::transaction(fn () => $request->person()->kit->ownIntents()->create([
            'name' => $request->string('name')->trim()->toString(), 'group' => $request->validated('group'), 'synonyms' => array_values($request->validated('synonyms') ?? []), 'frequency' => $request->validated('frequency'),
        ]));

        return $this->index($request)->setStatusCode(201);
    }

    /** Its matches go with it. */
    public function destroy(SeatRequest $request, OwnIntent $ownIntent): JsonResponse
    {
        DB::transaction(function () use ($request, $ownIntent): void {
            $request->person()->kit->ownMatches()->where('intent', $ownIntent->wordId())->delete();
            $ownIntent->delete();
        });

        return $this->index($request);
    }

    /** Each command of an application with what it is for, and what it may be for. */
    public function matches(SeatRequest $request): JsonResponse
    {
        $application = $request->application();
        $vocabulary = $this->words->vocabulary($request->person());
        $own = $request->person()->kit->ownMatches()->where('application', $application->id)->pluck('command')->all();
        $proposals = [];
        foreach ($this->words->proposals($request->person(), $application->id)->for($application) as $proposal) {
            $proposals[$proposal->command->id] = $proposal;
        }

        return new JsonResponse([
            'application' => ['id' => $application->id, 'name' => $application->name],
            'commands' => array_map(function (Command $command) use ($application, $vocabulary, $own, $proposals): array {
                $match = $vocabulary->matchFor($application->id, $command->id);

                return [
                    'id' => $command->id, 'name' => $command->name, 'menu' => $command->menu, 'tooltip' => $command->tooltip,
                    'match' => $match === null ? null : ['intent' => $match->intent, 'name' => $vocabulary->intent($match->intent)->name, 'difference' => $match->difference, 'is_own' => in_array($command->id, $own, true)],
                    'is_sure' => ($proposals[$command->id] ?? null)?->isSure === true,
                    'proposals' => self::proposals($proposals[$command->id] ?? null),
                ];
            }, $application->commands()),
        ]);
    }

    /** @return list<array{intent: string, name: string, confidence: float, evidence: list<string>}> */
    private static function proposals(?Proposal $proposal): array
    {
        return array_map(static fn (Fit $fit): array => ['intent' => $fit->intent->id, 'name' => $fit->intent->name, 'confidence' => round($fit->confidence(), 2), 'evidence' => $fit->evidence], $proposal->fits ?? []);
    }

    public function match(MatchesRequest $request): JsonResponse
    {
        $kit = $request->person()->kit;
        $application = $request->application()->id;
        DB::transaction(function () use ($request, $kit, $application): void {
            foreach ($request->matches() as $match) {
                $where = ['application' => $application, 'command' => $match['command']];
                if ($match['intent'] === null) {
                    $kit->ownMatches()->where($where)->delete();
                } else {
                    OwnMatch::query()->updateOrCreate(['kit_id' => $kit->id, ...$where], ['intent' => $match['intent'], 'difference' => $match['difference']]);
                }
            }
        });

        return $this->matches($request);
    }
}
