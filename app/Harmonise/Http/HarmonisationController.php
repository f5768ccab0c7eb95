<?php

declare(strict_types=1);

namespace App\Harmonise\Http;

use App\Harmonise\ApplyToKit;
use App\Harmonise\Harmonisation;
use App\Harmonise\Harmonisations;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Zebrafinch\Core\Harmonise\Solve\LpText;
use Zebrafinch\Core\Keyboard\Seat;

/** Searches for common chords in the background, and what is done with what they find. */
final readonly class HarmonisationController
{
    public function __construct(private Harmonisations $harmonisations, private ApplyToKit $apply)
    {
    }

    public function store(HarmoniseRequest $request, #[CurrentUser] User $user, Seat $seat): JsonResponse
    {
        return (new HarmonisationResource($this->harmonisations->begin($user->kit, $request->wanted($seat))))->withStatus(202);
    }

    public function show(Harmonisation $harmonisation): HarmonisationResource
    {
        return new HarmonisationResource($harmonisation);
    }

    public function cancel(Harmonisation $harmonisation): HarmonisationResource
    {
        return new HarmonisationResource($this->harmonisations->cancel($harmonisation));
    }

    public function apply(Request $request, #[CurrentUser] User $user, Harmonisation $harmonisation): HarmonisationResource
    {
        $request->validate(
            ['name' => ['required', 'string', 'max:60']],
            ['name' => 'Give the copies of factory keymaps a name of at most 60 characters.'],
        );

        $this->apply->apply($harmonisation, $user, $request->string('name')->trim()->toString());

        return new HarmonisationResource($harmonisation->refresh());
    }

    public function undo(Harmonisation $harmonisation): HarmonisationResource
    {
        $this->apply->undo($harmonisation);

        return new HarmonisationResource($harmonisation->refresh());
    }

    /** The instance in CPLEX LP format, for any solver that reads it. */
    public function lp(Harmonisation $harmonisation): Response
    {
        return new Response(LpText::of($this->harmonisations->instance($harmonisation)), 200, [
            'Content-Type' => 'text/plain; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="harmonise.lp"',
        ]);
    }

    /** The instance and the answer with its multipliers: all that is needed to check them. */
    public function proof(Harmonisation $harmonisation): JsonResponse
    {
        $proof = ['instance' => $this->harmonisations->instance($harmonisation)->toData(), 'answer' => $harmonisation->answer];

        return new JsonResponse($proof, 200, ['Content-Disposition' => 'attachment; filename="harmonise.json"']);
    }
}
