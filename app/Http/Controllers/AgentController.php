<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Middleware\IdentifySuite;
use App\Http\Requests\AgentAnswerRequest;
use App\Http\Requests\CheckInRequest;
use App\Models\Order;
use App\Models\Suite;
use App\Suites\CheckIn;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** The door for workstations' agents. docs/workstations.md describes what goes through it. */
final readonly class AgentController
{
    public function __construct(private CheckIn $checkIn)
    {
    }

    public function checkIn(CheckInRequest $request): JsonResponse
    {
        $taken = $this->checkIn->take($this->suite($request), $request->validated('files'), $request->validated('copies'), $request->boolean('read_only'));

        return new JsonResponse([
            'system' => $this->suite($request)->system->value,
            'orders' => $taken['orders']->map(static fn (Order $order): array => ['id' => $order->id, 'kind' => $order->kind->value, 'payload' => $order->payload])->all(),
            'poll_after_ms' => $taken['poll_after_ms'],
        ]);
    }

    public function answer(AgentAnswerRequest $request, int $order): Response
    {
        $this->checkIn->answer($this->suite($request)->orders()->findOrFail($order), $request->boolean('done'), $request->validated('answer'));

        return response()->noContent();
    }

    private function suite(Request $request): Suite
    {
        return $request->attributes->get(IdentifySuite::ATTRIBUTE);
    }
}
