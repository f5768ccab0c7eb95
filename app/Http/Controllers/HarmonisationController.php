<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Harmonising\ApplyToKit;
use App\Harmonising\NotReady;
use App\Http\Requests\ApplyRequest;
use App\Http\Requests\HarmoniseRequest;
use App\Http\Requests\SeatRequest;
use App\Jobs\HarmoniseKit;
use App\Models\Harmonisation;
use App\Models\HarmonisationState;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Zebrafinch\Core\Match\Harmonise\Instance;
use Zebrafinch\Core\Match\Harmonise\LpText;
use Zebrafinch\Core\Match\Harmonise\Progress;

/** Searches for common chords in the background, and what is done with what they find. */
final readonly class HarmonisationController
{
    /** Older searches of a kit are forgotten. */
    private const MOST_KEPT = 20;

    public function __construct(private ApplyToKit $apply)
    {
    }

    public function store(HarmoniseRequest $request): JsonResponse
    {
        $kit = $request->person()->kit;
        $one = DB::transaction(function () use ($kit, $request): Harmonisation {
            $kit->harmonisations()->whereIn('state', [HarmonisationState::Waiting, HarmonisationState::Running])->update(['is_cancelled' => true]);
            $kept = $kit->harmonisations()->orderByDesc('id')->limit(self::MOST_KEPT)->pluck('id');
            $kit->harmonisations()->whereNotIn('id', $kept)->delete();

            return $kit->harmonisations()->create(['state' => HarmonisationState::Waiting, 'is_cancelled' => false, 'request' => $request->wanted()]);
        });
        HarmoniseKit::dispatch($one);

        return $this->answer($one->refresh(), 202);
    }

    public function show(Harmonisation $harmonisation): JsonResponse
    {
        return $this->answer($harmonisation);
    }

    /** What was found so far stays. */
    public function cancel(Harmonisation $harmonisation): JsonResponse
    {
        $harmonisation->update(['is_cancelled' => true]);

        return $this->answer($harmonisation->refresh());
    }

    public function apply(ApplyRequest $request, Harmonisation $harmonisation): JsonResponse
    {
        $this->apply->apply($harmonisation, $request->person(), $request->string('name')->trim()->toString());

        return $this->answer($harmonisation->refresh());
    }

    public function undo(SeatRequest $request, Harmonisation $harmonisation): JsonResponse
    {
        $this->apply->undo($harmonisation);

        return $this->answer($harmonisation->refresh());
    }

    /** The instance in CPLEX LP format, for any solver that reads it. */
    public function lp(Harmonisation $harmonisation): Response
    {
        return new Response(LpText::of($this->instance($harmonisation)), 200, ['Content-Type' => 'text/plain; charset=utf-8', 'Content-Disposition' => 'attachment; filename="harmonise.lp"']);
    }

    /** The instance and the answer with its multipliers: all that is needed to check them. */
    public function proof(Harmonisation $harmonisation): JsonResponse
    {
        return new JsonResponse(['instance' => $this->instance($harmonisation)->toData(), 'answer' => $harmonisation->answer], 200, ['Content-Disposition' => 'attachment; filename="harmonise.json"']);
    }

    private function instance(Harmonisation $one): Instance
    {
        $json = $one->instance === null ? throw NotReady::toRead() : gzdecode((string) base64_decode($one->instance, true));

        return Instance::fromData(json_decode((string) $json, true, 16, JSON_THROW_ON_ERROR));
    }

    private function answer(Harmonisation $one, int $status = 200): JsonResponse
    {
        return new JsonResponse([
            'id' => $one->id, 'state' => $one->state->value, 'is_over' => $one->isOver(), 'request' => [...$one->request, 'weights' => (object) $one->request['weights'], 'fixed' => (object) $one->request['fixed']],
            'best' => $one->best, 'bound' => $one->bound, 'gap' => (new Progress($one->best ?? INF, $one->bound ?? -INF))->gap(), 'result' => $one->state === HarmonisationState::Refused ? null : $one->result,
            'refusal' => $one->state === HarmonisationState::Refused ? $one->result : null,
        ], $status);
    }
}
