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
use Zebrafinch\Core\Keyboard\Key;
use Zebrafinch\Core\Keyboard\Modifier;
use Zebrafinch\Core\Keyboard\Seat;
use Zebrafinch\Core\Keyboard\Symbol;
use Zebrafinch\Core\Keymap\Gesture;

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
        $seat = $this->seatOf($rehearsal->suite, $request);
        $there = $this->pressed($chord, $seat, $rehearsal->suite);
        $symbols = $there->key instanceof Key ? $seat->symbols($there->key) : [];
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
                'characters' => array_map(static fn (?Symbol $one): ?string => $one?->character, $symbols),
                'dead' => array_map(static fn (?Symbol $one): bool => $one !== null && $one->isDead, $symbols),
                'gesture' => $request->string('gesture', Gesture::Tap->value)->toString(),
            ],
        ]);

        return $this->answer($rehearsal, $request, 202);
    }

    /**
     * @return Chord with a key by position
     *
     * @throws ValidationException when the room's keyboard cannot type it
     */
    private function pressed(Chord $chord, Seat $seat, Suite $suite): Chord
    {
        return $seat->presses($chord)[0] ?? throw ValidationException::withMessages(['chord' => "The keyboard of {$suite->name} cannot type this chord."]);
    }

    private function seatOf(Suite $suite, SeatRequest $request): Seat
    {
        return $request->library()->seat($suite->board, $suite->layout, $suite->system);
    }

    private function answer(Rehearsal $rehearsal, SeatRequest $request, int $status = 200): JsonResponse
    {
        $suite = $rehearsal->suite;
        $application = $request->library()->application($rehearsal->application);
        $printer = $this->seatOf($suite, $request)->printer();

        return new JsonResponse([
            'id' => $rehearsal->id,
            'suite' => ['id' => $suite->slug, 'name' => $suite->name, 'system' => $suite->system->value, 'is_online' => $suite->isOnline()],
            'application' => ['id' => $application->id, 'name' => $application->name],
            'presses' => $rehearsal->presses()->get()->map(static fn (Order $press): array => [
                'id' => $press->id,
                'state' => $press->state->value,
                'chord' => Shapes::chordAt($printer, Chord::parse($press->payload['chord'])),
                'gesture' => $press->payload['gesture'],
                'focus' => ['id' => $press->payload['focus'], 'name' => $press->payload['focus_name']],
                'answer' => $press->answer,
            ])->all(),
        ], $status);
    }
}
