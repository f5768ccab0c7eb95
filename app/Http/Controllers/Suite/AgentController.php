<?php

declare(strict_types=1);

namespace App\Http\Controllers\Suite;

use App\Http\Middleware\IdentifySuite;
use App\Http\Requests\Suite\AgentAnswerRequest;
use App\Http\Requests\Suite\CheckInRequest;
use App\Http\Resources\Suite\CheckInAnswerResource;
use App\Models\Suite;
use App\Suite\CheckIn;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** The door for workstations' agents. docs/workstations.md describes what goes through it. */
final readonly class AgentController
{
    public function __construct(private CheckIn $checkIn)
    {
    }

    public function checkIn(CheckInRequest $request): CheckInAnswerResource
    {
        $suite = $this->suite($request);
        $taken = $this->checkIn->take(
            $suite,
            $request->validated('files'),
            $request->validated('copies'),
            $request->boolean('read_only'),
            $request->validated('focus'),
        );

        return new CheckInAnswerResource($suite, $taken['orders'], $taken['poll_after_ms']);
    }

    public function answer(AgentAnswerRequest $request, int $order): Response
    {
        $this->checkIn->answer(
            $this->suite($request)->orders()->findOrFail($order),
            $request->boolean('done'),
            $request->validated('answer'),
        );

        return response()->noContent();
    }

    private function suite(Request $request): Suite
    {
        return $request->attributes->get(IdentifySuite::ATTRIBUTE);
    }
}
