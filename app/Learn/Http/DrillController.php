<?php

declare(strict_types=1);

namespace App\Learn\Http;

use App\Learn\Drilling;
use App\Learn\StoredDrill;
use App\Models\Suite;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Zebrafinch\Core\Keyboard\Seat;

/** One go at some cards. */
final readonly class DrillController
{
    public function __construct(private Drilling $drilling)
    {
    }

    public function store(Request $request, #[CurrentUser] User $user, Seat $seat): JsonResponse
    {
        $validated = $request->validate([
            'of' => ['required', 'in:due,ahead,different,suite'],
            'application' => ['sometimes', 'nullable', 'string', 'max:100'],
            'context' => ['sometimes', 'nullable', 'string', 'max:100'],
            'suite' => ['required_if:of,suite', 'string', 'max:100'],
        ]);

        $drill = match ($request->string('of')->toString()) {
            'different' => $this->drilling->different($user, $seat),
            'suite' => $this->drilling->suite($user, $seat, Suite::query()->where('slug', $request->string('suite'))->firstOrFail()),
            default => $this->drilling->due(
                $user,
                $seat,
                $validated['application'] ?? null,
                $validated['context'] ?? null,
                $request->string('of')->toString() === 'ahead',
            ),
        };

        return $this->show($user, $seat, $drill)->withStatus(201);
    }

    public function show(#[CurrentUser] User $user, Seat $seat, StoredDrill $drill): DrillResource
    {
        return new DrillResource($drill, $this->drilling->current($drill, $user, $seat), null, $this->drilling->seat($drill, $seat));
    }

    public function answer(AnswerRequest $request, #[CurrentUser] User $user, Seat $seat, StoredDrill $drill): DrillResource
    {
        $there = $this->drilling->seat($drill, $seat);
        $answered = $this->drilling->answer(
            $drill,
            $user,
            $seat,
            $request->string('question')->toString(),
            $request->pressed($there),
            $request->gesture(),
        );

        return new DrillResource($drill, $this->drilling->current($drill, $user, $seat), $answered, $there);
    }
}
