<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\PressRequest;
use App\Http\Requests\SeatRequest;
use App\Http\Requests\SuiteRequest;
use App\Http\Shapes\Shapes;
use App\Models\Order;
use App\Models\OrderKind;
use App\Models\OrderState;
use App\Models\Rehearsal;
use App\Models\Suite;
use Illuminate\Http\JsonResponse;
use Illuminate\Validation\ValidationException;
use Zebrafinch\Core\Keyboard\Chord;
use Zebrafinch\Core\Keyboard\Modifier;

/** Chords pressed in a room's stand-in applications, answered by what the installed key file makes of them. */
final readonly class RehearsalController
{
    /** @throws ValidationException */
    public function store(SuiteRequest $request, Suite $suite): JsonResponse
    {
        $application = $request->library()->application($request->string('application')->toString());
        if (! in_array($application->id, $suite->applications, true)) {
            throw ValidationException::withMessages(['application' => "{$suite->name} has no {$application->name}."]);
        }
        $rehearsal = Rehearsal::query()->create(['suite_id' => $suite->id, 'user_id' => $request->person()->id, 'application' => $application->id]);

        return $this->answer($rehearsal, $request, 201);
    }

    public function show(SeatRequest $request, Rehearsal $rehearsal): JsonResponse
    {
        return $this->answer($rehearsal, $request);
    }

    public function press(PressRequest $request, Rehearsal $rehearsal): JsonResponse
    {
        $application = $request->library()->application($rehearsal->application);
        $focus = $application->contexts->get($request->string('focus')->toString());
        $chord = $request->chord();
        $there = $this->pressed($chord, $rehearsal->suite, $request);
        $rehearsal->presses()->create([
            'suite_id' => $rehearsal->suite_id,
            'user_id' => $rehearsal->user_id,
            'kind' => OrderKind::Press,
            'state' => OrderState::Waiting,
            'payload' => [
                'rehearsal' => $rehearsal->id,
                'application' => $application->id,
                'focus' => $focus->id,
                'focus_name' => $focus->name,
                'chord' => $chord->id(),
                'code' => $there->key->value,
                'held' => array_map(static fn (Modifier $one): string => $one->value, $there->modifiers->all()),
            ],
        ]);

        return $this->answer($rehearsal, $request, 202);
    }

    /** @throws ValidationException when the room's keyboard cannot type it */
    private function pressed(Chord $chord, Suite $suite, SeatRequest $request): Chord
    {
        return $request->library()->seat($suite->board, $suite->layout, $suite->system)->presses($chord)[0]
            ?? throw ValidationException::withMessages(['chord' => "The keyboard of {$suite->name} cannot type this chord."]);
    }

    private function answer(Rehearsal $rehearsal, SeatRequest $request, int $status = 200): JsonResponse
    {
        $suite = $rehearsal->suite;
        $application = $request->library()->application($rehearsal->application);
        $printer = $request->library()->seat($suite->board, $suite->layout, $suite->system)->printer();

        return new JsonResponse([
            'id' => $rehearsal->id,
            'suite' => ['id' => $suite->slug, 'name' => $suite->name, 'system' => $suite->system->value, 'is_online' => $suite->isOnline()],
            'application' => ['id' => $application->id, 'name' => $application->name],
            'presses' => $rehearsal->presses()->get()->map(static fn (Order $press): array => [
                'id' => $press->id,
                'state' => $press->state->value,
                'chord' => Shapes::chordAt($printer, Chord::parse($press->payload['chord'])),
                'focus' => ['id' => $press->payload['focus'], 'name' => $press->payload['focus_name']],
                'answer' => $press->answer,
            ])->all(),
        ], $status);
    }
}
